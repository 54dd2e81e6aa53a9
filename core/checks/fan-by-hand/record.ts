import { z } from 'zod'

/** Viscous clutch and fan turned by hand, engine off and cold. */
export const fanByHand = z.strictObject({
  drag: z.enum(['free', 'some', 'stiff', 'seized', 'not-tried']),
  /** turns after a push */
  freeTurns: z.number().min(0).max(50).optional(),
  rocking: z.enum(['none', 'clutch-only', 'pulley-too', 'not-tried']),
  streaks: z.enum(['yes', 'no', 'not-looked']),
  blades: z.enum(['good', 'damaged', 'not-looked']),
})
export type FanByHand = z.infer<typeof fanByHand>
