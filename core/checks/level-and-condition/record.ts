import { z } from 'zod'
import { writtenText } from '../../quantity/text'
import { called } from '../../quantity/field'

/** Level and condition of a cold system. Every field may be absent: not looked at. */
export const levelAndCondition = z.strictObject({
  level: z.enum(['overfull', 'right', 'low', 'empty']).optional(),
  /** under the cap of the radiator, where the tank beside it is without pressure */
  radiatorLevel: called(z.enum(['full', 'low', 'empty']), 'level in the radiator').optional(),
  oilInCoolant: z.enum(['no', 'yes']).optional(),
  emulsionInOil: called(z.enum(['no', 'filler-only', 'dipstick']), 'engine oil').optional(),
  residualPressure: called(z.enum(['none', 'some', 'strong']), 'pressure left').optional(),
  look: z.enum(['clear', 'brown', 'sludge']).optional(),
  /** as it is seen: "green", "violet" */
  colour: writtenText(30).min(1).optional(),
  smell: z.enum(['none', 'exhaust', 'fuel']).optional(),
  /** gel, or two colours */
  mixed: called(z.enum(['no', 'yes']), 'gel or two colours').optional(),
  /** pink froth: gearbox fluid */
  pinkFroth: called(z.enum(['no', 'yes']), 'gearbox fluid').optional(),
  sealant: z.enum(['no', 'yes']).optional(),
  /** the liquid found under it, by colour, feel and strip */
  liquidBelow: z.enum(['coolant', 'water', 'oil', 'none']).optional(),
})
export type LevelAndCondition = z.infer<typeof levelAndCondition>
