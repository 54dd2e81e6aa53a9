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
  /** what proves it by the method that was used, see proof.ts */
  bleedersClear: z.enum(['yes', 'no', 'not-known']).optional(),
  vacuumHeld: z.enum(['yes', 'no', 'not-known']).optional(),
  heaterHot: z.enum(['yes', 'no', 'not-known']).optional(),
  /** the level, cold again after the first run */
  levelSettled: z.enum(['at-mark', 'fell', 'not-known']).optional(),
  complaintAfter: z.enum(['gone', 'still-there', 'not-known']),
})
export type Refill = z.infer<typeof refill>
