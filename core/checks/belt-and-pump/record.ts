import { z } from 'zod'

/** The pump's drive, looked at and felt with the engine off, then watched running from a distance. */
export const beltAndPump = z.strictObject({
  pumpTurns: z.enum(['yes', 'no', 'not-known']),
  slip: z.enum(['none', 'some', 'much', 'not-known']),
  wobble: z.enum(['none', 'wobbles', 'not-known']),
  /** turned by hand, its belt slack or off */
  bearing: z.enum(['smooth', 'rough', 'not-known']).optional(),
  routing: z.enum(['right', 'wrong', 'not-checked']),
})
export type BeltAndPump = z.infer<typeof beltAndPump>
