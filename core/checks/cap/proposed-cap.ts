import { correctedValue } from '../../quantity/record'
import { knownValue, type SystemProfile } from '../../vehicle/profile'
import type { Entry } from '../context'
import type { CapTest } from './record'

/** A cap that lets pressure go. */
type CapWithValve = CapTest & { marking: Exclude<CapTest['marking'], 'sealed'> }

export interface ProposedCap {
  place: CapTest['place']
  /** kPa gauge as `coreValue`, or why there is no figure */
  marking: { coreValue: number } | 'unmarked' | 'looks-wrong'
}

/**
 * The cap with a valve that was last tested, of entries in order of observation; one without says nothing of pressure.
 * @example testedCap([entry('cap.test')]).place // 'radiator-neck'
 */
export function testedCap(entries: readonly Entry[]): CapWithValve | undefined {
  return entries.findLast(
    (e): e is Entry<'cap.test', CapWithValve> =>
      e.kind === 'cap.test' && (e as Entry<'cap.test', CapTest>).data.marking !== 'sealed',
  )?.data
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
