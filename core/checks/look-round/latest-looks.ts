import type { Part } from '../../vehicle/parts'
import type { Entry } from '../context'
import type { PartLook } from './record'

type LookEntry<E extends Entry> = Extract<E, { kind: 'look-round.part' }>

/**
 * The last look at each part, of entries in order of observation.
 * @example latestLooks([entry('look-round.part')]).get('lower-hose').data.seen // 'issuing'
 */
export function latestLooks<E extends Entry>(
  entries: readonly E[],
): Map<Part, LookEntry<E> & { data: PartLook }> {
  const looks = entries.filter(
    (e): e is LookEntry<E> & { data: PartLook } => e.kind === 'look-round.part',
  )
  return new Map(looks.map((look) => [look.data.part, look]))
}
