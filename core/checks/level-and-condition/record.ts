import { z } from 'zod'

/** Level and condition of a cold system. Every field may be absent: not looked at. */
export const levelAndCondition = z.strictObject({
  level: z.enum(['overfull', 'right', 'low', 'empty']).optional(),
  oilInCoolant: z.enum(['no', 'yes']).optional(),
  emulsionInOil: z.enum(['no', 'filler-only', 'dipstick']).optional(),
  residualPressure: z.enum(['none', 'some', 'strong']).optional(),
  look: z.enum(['clear', 'brown', 'sludge']).optional(),
  /** as it is seen: "green", "violet" */
  colour: z.string().min(1).max(30).optional(),
  smell: z.enum(['none', 'exhaust', 'fuel']).optional(),
  /** gel, or two colours */
  mixed: z.enum(['no', 'yes']).optional(),
  /** pink froth: gearbox fluid */
  pinkFroth: z.enum(['no', 'yes']).optional(),
  sealant: z.enum(['no', 'yes']).optional(),
  /** the liquid found under it, by colour, feel and strip */
  liquidBelow: z.enum(['coolant', 'water', 'oil', 'none']).optional(),
})
export type LevelAndCondition = z.infer<typeof levelAndCondition>
