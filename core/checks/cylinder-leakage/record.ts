import { z } from 'zod'
import { cylinder, percentUpTo } from '../quantities'
import { called } from '../../quantity/field'

/** Air put into one cylinder at top dead centre. */
export const cylinderLeakage = z.strictObject({
  cylinder,
  leakPercent: called(percentUpTo(100), 'leak'),
  bubblesInNeck: z.enum(['yes', 'no', 'not-known']),
})
export type CylinderLeakage = z.infer<typeof cylinderLeakage>
