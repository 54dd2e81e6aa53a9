import { z } from 'zod'
import { temperature } from '../quantities'
import { measured } from '../../quantity/field'

/** Viscous clutch on a hot engine: drag by hand just after switch-off, turns after switch-off, roar. */
export const clutchHot = z.strictObject({
  dragHot: z.enum(['firm', 'weak', 'none', 'seized', 'not-known']),
  turnsAfterSwitchOff: measured(z.number().min(0).max(60), {
    unit: 'turns',
    usualError: { by: 0.5 },
  }).optional(),
  roarHot: z.enum(['yes', 'no', 'always', 'not-heard']),
  /** air behind the radiator, where the clutch senses it */
  airBehindRadiator: temperature.optional(),
})
export type ClutchHot = z.infer<typeof clutchHot>
