import { z } from 'zod'
import { part } from '../../casefile/profile'

/** One part looked at, cold. */
export const partLook = z.strictObject({
  part,
  seen: z.enum(['dry', 'stained', 'wet', 'dried-and-wet-again', 'issuing']),
  pressed: z.boolean(),
})
export type PartLook = z.infer<typeof partLook>

const good = z.enum(['good', 'bad', 'not-looked']).optional()

/** The air side and the soft parts, looked at with engine off and key out. Absent: not looked at. */
export const airSideLook = z.strictObject({
  fins: good,
  /** between condenser and radiator; "bad" when matted there */
  stack: good,
  shroud: good,
  blades: good,
  duct: good,
  lowerHose: good,
  /** upper hose in the morning: "bad" when drawn flat */
  upperHoseCold: good,
  tank: good,
  insideHoses: good,
})
export type AirSideLook = z.infer<typeof airSideLook>
