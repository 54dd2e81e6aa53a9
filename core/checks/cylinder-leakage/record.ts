import { z } from 'zod'
import { cylinder } from '../quantities'

/** Air put into one cylinder at top dead centre. */
export const cylinderLeakage = z.strictObject({
  cylinder,
  leakPercent: z.number().min(0).max(100),
  bubblesInNeck: z.enum(['yes', 'no', 'not-looked']),
})
export type CylinderLeakage = z.infer<typeof cylinderLeakage>
