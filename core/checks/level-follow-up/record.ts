import { z } from 'zod'
import { given } from '../../quantity/field'

/** The level looked at again some days after. */
export const levelFollowUp = z.strictObject({
  daysAfter: given(z.number().min(0).max(365), { unit: 'd' }),
  level: z.enum(['at-mark', 'a-little-lower', 'lower']),
})
export type LevelFollowUp = z.infer<typeof levelFollowUp>
