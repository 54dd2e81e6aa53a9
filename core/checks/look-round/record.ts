import { z } from 'zod'
import { part } from '../../casefile/profile'

/** One part looked at, cold, first version of the walk-round. */
export const partLook = z.strictObject({
  part,
  seen: z.enum(['dry', 'stained', 'wet', 'dried-and-wet-again', 'issuing']),
  pressed: z.boolean(),
})
export type PartLook = z.infer<typeof partLook>
