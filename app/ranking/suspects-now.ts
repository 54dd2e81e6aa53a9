import { BOOK } from '#core'
import type { Answer, Chances } from '../workers/answer'

type Suspect = Answer['ranked']['ranking']['suspects'][number]

const nameOf = new Map(BOOK.faults.map(({ id, name }) => [id, name]))

/**
 * The suspects of the last answer as likely as they are now, most likely first. Before the first answer they have no
 * guards yet, and each is taken for a root.
 */
export function suspectsNow(answer: Answer | undefined, chances: Chances | undefined): Suspect[] {
  const known = answer?.ranked.ranking.suspects
  if (!chances) return known ?? []
  const suspects =
    known?.map((s) => ({ ...s, probability: chances[s.fault] ?? s.probability })) ??
    Object.entries(chances).map(([fault, probability]): Suspect => ({
      fault,
      name: nameOf.get(fault) ?? fault,
      probability,
      role: 'root',
      guards: [],
    }))
  return suspects.sort((a, b) => b.probability - a.probability || (a.fault < b.fault ? -1 : 1))
}
