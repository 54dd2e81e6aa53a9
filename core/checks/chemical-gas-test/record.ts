import { z } from 'zod'
import { minutesBetween, temperature } from '../quantities'
import { called } from '../../quantity/field'

/** Test fluid that changes colour with combustion gas, drawn at the open neck through a funnel fitted cold. */
export const chemicalGasTest = z.strictObject({
  engine: temperature.optional(),
  thermostatOpen: z.enum(['shown', 'not-shown', 'not-known']),
  levelLowered: z.enum(['yes', 'no', 'not-known']),
  drawnMinutes: called(minutesBetween(0, 60), 'drawn').optional(),
  colour: z.enum(['changed', 'doubtful', 'same']),
  fluid: z.enum(['fresh', 'old', 'not-known']),
  load: z.enum(['idle', 'raised-speed', 'after-load-run']),
  /** exhaust in the bay, or coolant drawn into the fluid */
  spoilt: z.enum(['no', 'exhaust-in-bay', 'coolant-drawn-in', 'not-known']),
  funnelFittedCold: z.enum(['yes', 'no', 'not-known']),
})
export type ChemicalGasTest = z.infer<typeof chemicalGasTest>
