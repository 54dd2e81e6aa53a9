import { z } from 'zod'
import { renewable } from '../../vehicle/renewable'

/** A part that was new before this case was opened, and what the complaint did then. */
export const renewed = z.strictObject({
  part: renewable,
  by: z.enum(['this-shop', 'another-shop', 'keeper', 'not-known']),
  complaintAfter: z.enum(['unchanged', 'better', 'came-back', 'not-known']),
})
export type Renewed = z.infer<typeof renewed>

/** A hold that somebody did and told of without figures. */
export const holdTold = z.strictObject({
  told: z.enum(['held', 'crept-down', 'fell', 'fell-at-once', 'could-not-be-pressed']),
  by: z.enum(['this-shop', 'another-shop', 'keeper', 'not-known']),
})
export type HoldTold = z.infer<typeof holdTold>
