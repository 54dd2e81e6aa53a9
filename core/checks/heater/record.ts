import { z } from 'zod'
import { rpm, temperature } from '../quantities'
import { called } from '../../quantity/field'

/** Hoses and vents of the cabin heater on a hot engine, heater full hot, blower full. */
export const heaterTest = z.strictObject({
  inlet: temperature,
  outlet: temperature,
  ventLeft: temperature.optional(),
  ventRight: temperature.optional(),
  /** engine temperature by a second source */
  engine: temperature.optional(),
  engineRpm: called(rpm, 'engine').optional(),
  level: z.enum(['full', 'low', 'not-known']),
  setting: z.enum(['full-hot', 'other', 'not-known']),
  air: z.enum(['strong', 'weak', 'not-felt']),
  direction: z.enum(['right', 'exchanged', 'not-known']),
})
export type HeaterTest = z.infer<typeof heaterTest>
