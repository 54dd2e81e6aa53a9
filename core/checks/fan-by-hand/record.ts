import { z } from 'zod'
import { measured } from '../../quantity/field'

/** Viscous clutch and fan turned by hand, engine off and cold. */
export const fanByHand = z.strictObject({
  drag: z.enum(['free', 'some', 'stiff', 'seized', 'not-tried']),
  /** turns after a push */
  freeTurns: measured(z.number().min(0).max(50), {
    unit: 'turns',
    usualError: { by: 0.5 },
  }).optional(),
  rocking: z.enum(['none', 'clutch-only', 'pulley-too', 'not-tried']),
  streaks: z.enum(['yes', 'no', 'not-looked']),
  blades: z.enum(['good', 'damaged', 'not-looked']),
})
export type FanByHand = z.infer<typeof fanByHand>
