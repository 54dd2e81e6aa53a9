import { passesWords } from '../shop/filters'

export const GROUPS = ['check', 'case', 'vehicle', 'fault', 'place'] as const

/** One thing that the palette leads to. */
export interface Found {
  group: (typeof GROUPS)[number]
  id: string
  text: string
  /** what else it is known under */
  detail: string
  to: string
}

/** Most that are shown of one group. */
const MOST_OF_A_GROUP = 6

const startsIt = (typed: string, { text }: Found) =>
  text.toLowerCase().startsWith(typed.trim().toLowerCase())

/**
 * What every typed word stands in, in the order of the groups, a few of each; what begins with the words first.
 * Nothing typed: the open case's checks and the places only.
 */
export function findIn(all: readonly Found[], typed: string): Found[] {
  const isAsked = typed.trim() !== ''
  const fitting = all.filter((one) =>
    isAsked
      ? passesWords(typed, [one.text, one.detail])
      : one.group === 'check' || one.group === 'place',
  )
  return GROUPS.flatMap((group) => {
    const own = fitting.filter((one) => one.group === group)
    const first = own.filter((one) => startsIt(typed, one))
    return [...first, ...own.filter((one) => !startsIt(typed, one))].slice(0, MOST_OF_A_GROUP)
  })
}
