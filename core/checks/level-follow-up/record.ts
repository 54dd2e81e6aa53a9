import { z } from 'zod'

/** The level looked at again some days after. */
export const levelFollowUp = z.strictObject({
  daysAfter: z.number().min(0).max(365),
  level: z.enum(['at-mark', 'a-little-lower', 'lower']),
})
export type LevelFollowUp = z.infer<typeof levelFollowUp>
