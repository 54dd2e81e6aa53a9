import { z } from 'zod'
import { litres, volumeFractionUpTo } from '../quantities'
import { called, given } from '../../quantity/field'

/** How the system was filled again, and whether the air is out. */
export const refill = z.strictObject({
  method: z.enum(['gravity-with-bleeders', 'run-and-top-up', 'vacuum']),
  amount: litres.optional(),
  premixFraction: called(volumeFractionUpTo(1), 'premixed').optional(),
  flushPasses: given(z.number().int().min(0).max(50)).optional(),
  airOut: z.enum(['shown', 'not-shown']),
  complaintAfter: z.enum(['gone', 'still-there', 'not-known']),
})
export type Refill = z.infer<typeof refill>
