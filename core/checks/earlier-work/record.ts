import { z } from 'zod'
import { called, given } from '../../quantity/field'
import { renewable } from '../../vehicle/renewable'

/** A part that was new before this case was opened, and what the complaint did then. */
export const renewed = z.strictObject({
  part: renewable,
  by: z.enum(['this-shop', 'another-shop', 'keeper', 'not-known']),
  complaintAfter: z.enum(['unchanged', 'better', 'came-back', 'not-known']),
  /** when it was renewed */
  year: called(
    given(z.number().int().min(1950).max(2100), { unit: 'year' }),
    'in the year',
  ).optional(),
})
export type Renewed = z.infer<typeof renewed>

/** A hold that somebody did and told of without figures. */
export const holdTold = z.strictObject({
  told: z.enum(['held', 'crept-down', 'fell', 'fell-at-once', 'could-not-be-pressed']),
  by: z.enum(['this-shop', 'another-shop', 'keeper', 'not-known']),
})
export type HoldTold = z.infer<typeof holdTold>
