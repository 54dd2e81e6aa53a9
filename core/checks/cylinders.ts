import { type Message, message } from '../quantity/message'
import { knownValue, type SystemProfile } from '../vehicle/profile'

/** So many are taken where nobody wrote down how many there are. */
const ASSUMED = 4

/**
 * How many cylinders an engine has: as the profile says, else four, or as many as the highest that was named.
 * @example cylindersOf({ cylinders: 'not-known' }, [6]) // 6
 */
export const cylindersOf = (profile: SystemProfile, named: readonly number[]): number =>
  knownValue(profile.cylinders) ?? Math.max(ASSUMED, ...named)

/**
 * What is said of a record that names a cylinder which the engine does not have; nothing is concluded from that record.
 * @example noSuchCylinder({ cylinders: 4 }, [2, 9]).id // 'note.noSuchCylinder'
 */
export function noSuchCylinder(
  profile: SystemProfile,
  named: readonly number[],
): Message | undefined {
  const cylinders = cylindersOf(profile, named)
  const cylinder = Math.max(...named)
  return cylinder > cylinders ? message('note.noSuchCylinder', { cylinder, cylinders }) : undefined
}
