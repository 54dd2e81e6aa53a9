import { z } from 'zod'
import { correctedValue } from '../../quantity/record'
import { ENDS_ERROR_K, rpm, temperature } from '../quantities'
import { called } from '../../quantity/field'

/** Hoses and vents of the cabin heater on a hot engine, heater full hot, blower full. */
export const heaterTest = z
  .strictObject({
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
  .refine(
    (r) =>
      r.direction === 'exchanged' ||
      correctedValue(r.outlet) <= correctedValue(r.inlet) + ENDS_ERROR_K,
    {
      message: 'the outlet is hotter than the inlet: are the two exchanged?',
      path: ['outlet'],
    },
  )
export type HeaterTest = z.infer<typeof heaterTest>
