import { z } from 'zod'
import { measured } from '../../quantity/field'

/** Viscous clutch and fan turned by hand, engine off and cold. */
export const fanByHand = z.strictObject({
  drag: z.enum(['free', 'some', 'stiff', 'seized', 'not-known']),
  /** turns after a push */
  freeTurns: measured(z.number().min(0).max(50), {
    unit: 'turns',
    usualError: { by: 0.5 },
  }).optional(),
  rocking: z.enum(['none', 'clutch-only', 'pulley-too', 'not-known']),
  streaks: z.enum(['yes', 'no', 'not-known']),
  blades: z.enum(['good', 'damaged', 'not-known']),
})
export type FanByHand = z.infer<typeof fanByHand>
