import { z } from 'zod'

/** Level and condition of a cold system, first version. Every field may be absent: not looked at. */
export const levelAndCondition = z.strictObject({
  level: z.enum(['overfull', 'right', 'low', 'empty']).optional(),
  oilInCoolant: z.enum(['no', 'yes']).optional(),
  emulsionInOil: z.enum(['no', 'filler-only', 'dipstick']).optional(),
  residualPressure: z.enum(['none', 'some', 'strong']).optional(),
})
export type LevelAndCondition = z.infer<typeof levelAndCondition>
