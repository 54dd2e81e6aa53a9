import type { Complaint } from '#core'

/** Which cases the board shows. */
export interface BoardFilter {
  /** words of vehicle, model, plate, bay or title, in any order */
  text: string
  complaint: Complaint | undefined
  bay: string | undefined
  /** who opened the case or recorded in it */
  person: string | undefined
  state: 'open' | 'closed' | 'all'
}

export const EVERYTHING_OPEN: BoardFilter = {
  text: '',
  complaint: undefined,
  bay: undefined,
  person: undefined,
  state: 'open',
}

/** What a filter asks of a case. */
export interface Filterable {
  words: readonly (string | undefined)[]
  complaint: Complaint
  bay: string | undefined
  people: ReadonlySet<string>
  closed: boolean
}

const wordsOf = (text: string) => text.toLowerCase().split(/\s+/).filter(Boolean)
const isSame = (a: string | undefined, b: string) => a?.trim().toLowerCase() === b.toLowerCase()

/** Whether every word that is asked for stands somewhere in what a thing is known under. */
export function passesWords(text: string, known: readonly (string | undefined)[]): boolean {
  const all = known.filter(Boolean).join(' ').toLowerCase()
  return wordsOf(text).every((word) => all.includes(word))
}

/** Whether a case is among those asked for; the server's search answers the same. */
export function passes(filter: BoardFilter, of: Filterable): boolean {
  return (
    (filter.state === 'all' || of.closed === (filter.state === 'closed')) &&
    (filter.complaint === undefined || of.complaint === filter.complaint) &&
    (filter.bay === undefined || isSame(of.bay, filter.bay)) &&
    (filter.person === undefined || of.people.has(filter.person)) &&
    passesWords(filter.text, of.words)
  )
}

/** Whether only some of the open cases are shown. */
export const isNarrowed = ({ text, complaint, bay, person }: BoardFilter): boolean =>
  wordsOf(text).length > 0 || complaint !== undefined || bay !== undefined || person !== undefined

/** The same as the server's search asks for it. */
export function asQuery(
  filter: BoardFilter,
  after?: { touchedAt: string; id: string },
): URLSearchParams {
  const asked = new URLSearchParams()
  const add = (name: string, value: string | undefined) => value && asked.set(name, value)
  add('text', wordsOf(filter.text).join(' '))
  add('complaint', filter.complaint)
  add('bay', filter.bay)
  add('person', filter.person)
  if (filter.state !== 'all') asked.set('open', filter.state === 'open' ? 'yes' : 'no')
  if (after) {
    asked.set('touchedBefore', after.touchedAt)
    asked.set('idBefore', after.id)
  }
  return asked
}
