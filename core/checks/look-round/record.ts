import { z } from 'zod'
import { part } from '../../vehicle/parts'
import { called } from '../../quantity/field'

/** Wear of a part that is seen or felt cold; an empty list means that it was looked for and there is none. */
export const WEAR = [
  'soft',
  'cracked',
  'hard',
  'swollen',
  'collapsed',
  'crunches',
  'clamp-loose',
  'corroded',
  'bulged',
] as const
export const wear = z.enum(WEAR)
export type Wear = z.infer<typeof wear>

/** One part looked at, cold. */
export const partLook = z.strictObject({
  part,
  seen: z.enum(['dry', 'stained', 'wet', 'dried-and-wet-again', 'issuing']),
  pressed: z.boolean(),
  /** what stands at a stained or wet part: dried coolant, rust, oil, clear water */
  trace: called(z.enum(['crust', 'rust', 'oil', 'water']), 'what stands there').optional(),
  smell: z.enum(['sweet', 'none']).optional(),
  /** condition apart from wet; absent: not looked for */
  wear: z.array(wear).max(8).optional(),
})
export type PartLook = z.infer<typeof partLook>

const good = z.enum(['good', 'bad', 'not-known']).optional()

/** The air side and the soft parts, looked at with engine off and key out. Absent: not looked at. */
export const airSideLook = z.strictObject({
  fins: good,
  /** between condenser and radiator; "bad" when matted there */
  stack: called(good, 'between the cores'),
  shroud: good,
  blades: good,
  duct: called(good, 'air duct'),
  lowerHose: good,
  /** upper hose in the morning: "bad" when drawn flat */
  upperHoseCold: called(good, 'upper hose'),
  tank: good,
  insideHoses: called(good, 'inside the hoses'),
})
export type AirSideLook = z.infer<typeof airSideLook>
