import { correctedValue } from '../../quantity/record'
import { knownValue, type SystemProfile } from '../../vehicle/profile'
import type { Entry } from '../context'
import type { CapTest } from './record'

export interface ProposedCap {
  place: CapTest['place']
  /** kPa gauge as `coreValue`, or why there is no figure */
  marking: { coreValue: number } | 'unmarked' | 'looks-wrong'
}

/**
 * The cap last tested, of entries in order of observation.
 * @example testedCap([entry('cap.test')]).place // 'radiator-neck'
 */
export function testedCap(entries: readonly Entry[]): CapTest | undefined {
  return entries.findLast((e): e is Entry<'cap.test', CapTest> => e.kind === 'cap.test')?.data
}

/**
 * The cap that a hold's target is taken from: the one last tested, or else the first of the profile with a known rating.
 * @example proposedCap([entry('cap.test')], {}).place // 'radiator-neck'
 */
export function proposedCap(
  entries: readonly Entry[],
  profile: SystemProfile,
): ProposedCap | undefined {
  const tested = testedCap(entries)
  if (tested) {
    const { place, marking } = tested
    return {
      place,
      marking: typeof marking === 'object' ? { coreValue: correctedValue(marking) } : marking,
    }
  }
  const cap = profile.caps?.[0]
  const rating = knownValue(cap?.ratingKPa)
  return cap && rating !== undefined
    ? { place: cap.place, marking: { coreValue: rating } }
    : undefined
}
