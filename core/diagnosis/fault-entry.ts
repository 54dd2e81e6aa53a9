import { checkOf, type CheckId } from '../checks/registry'
import { BOOK, isOfIsolatedHold } from '../knowledge/book'
import { LEVELS, type Level } from '../knowledge/levels'
import { isOfRenewal } from '../knowledge/renewals'
import type { AtLeast, Fault } from '../knowledge/types'
import { checksToMeet } from '../planning/showing'

/** By what a fault gives itself away: a sign, how often it is there, which check reads it, and why. */
export interface Tell {
  sign: string
  name: string
  check: CheckId
  level: Level
  because: string
}

/** A fault as somebody reads about it who has no case of it. */
export interface FaultEntry {
  fault: Fault
  /** most frequent first */
  tells: Tell[]
  /** what is asked of a proof, with the checks that show it with the least work */
  guards: { text: string; checks: CheckId[] }[]
  /** what it brings about in the end, and what brings it about */
  leadsTo: { id: string; name: string; because: string }[]
  comesFrom: { id: string; name: string; because: string }[]
}

/** A sign that is there less often than this tells nothing of the fault. */
const LEAST_TOLD: Level = 'seldom'

const rarer = (a: Level, b: Level): Level => (LEVELS[a] <= LEVELS[b] ? a : b)
/** How often any abnormal state of a sign is reached. */
const mostOften = (atLeast: AtLeast): Level =>
  Object.values(atLeast).reduce((a, b) => (LEVELS[a] >= LEVELS[b] ? a : b))

/** Signs of a fault, its own and those of the states of the system that it brings about, each once at its most frequent. */
function tellsOf(fault: Fault): Tell[] {
  const own = fault.effects.map(({ sign, atLeast, because }) => ({
    sign,
    level: mostOften(atLeast),
    because,
  }))
  const through = fault.causes.flatMap((cause) =>
    BOOK.conditions
      .filter(({ id }) => id === cause.condition)
      .flatMap(({ effects }) =>
        effects.map(({ sign, atLeast, because }) => ({
          sign,
          level: rarer(cause.level, mostOften(atLeast)),
          because,
        })),
      ),
  )
  const best = new Map<string, (typeof own)[number]>()
  for (const tell of [...own, ...through]) {
    const known = best.get(tell.sign)
    if (!known || LEVELS[tell.level] > LEVELS[known.level]) best.set(tell.sign, tell)
  }
  return [...best.values()]
    .filter(
      ({ level, sign }) =>
        LEVELS[level] >= LEVELS[LEAST_TOLD] && !isOfRenewal(sign) && !isOfIsolatedHold(sign),
    )
    .flatMap((tell) => {
      const sign = BOOK.signs.find(({ id }) => id === tell.sign)!
      const check = checkOf(sign.check)
      return check ? [{ ...tell, name: sign.name, check: check.id }] : []
    })
    .toSorted((a, b) => LEVELS[b.level] - LEVELS[a.level])
}

const nameOf = (id: string) => BOOK.faults.find((fault) => fault.id === id)!.name

/** What the book knows of a fault; undefined for an id that is none. */
export function faultEntry(id: string): FaultEntry | undefined {
  const fault = BOOK.faults.find((one) => one.id === id)
  if (!fault) return undefined
  return {
    fault,
    tells: tellsOf(fault),
    guards: fault.guards.map((guard) => ({
      text: guard.text,
      checks: checksToMeet(guard, new Set(), {}),
    })),
    leadsTo: fault.links.map(({ to, because }) => ({ id: to, name: nameOf(to), because })),
    comesFrom: BOOK.faults.flatMap((other) =>
      other.links
        .filter(({ to }) => to === id)
        .map(({ because }) => ({ id: other.id, name: other.name, because })),
    ),
  }
}

/**
 * Faults of which every word that was typed stands somewhere: in the name, in what it is, in how it tells itself or how it
 * is proven. Those with a word in their name come first, then in the order of the book.
 */
export function searchFaults(typed: string): Fault[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  const all = BOOK.faults.filter(({ group }) => group !== 'not-in-the-book')
  if (words.length === 0) return all
  const inName = ({ name }: Fault) => words.some((word) => name.toLowerCase().includes(word))
  const found = all.filter((fault) => {
    const text = textOf(fault)
    return words.every((word) => text.includes(word))
  })
  return [...found.filter(inName), ...found.filter((fault) => !inName(fault))]
}

const texts = new Map<string, string>()
function textOf(fault: Fault): string {
  const known = texts.get(fault.id)
  if (known !== undefined) return known
  const parts = [
    fault.name,
    fault.what,
    fault.proof,
    ...tellsOf(fault).map(({ name }) => name),
    ...fault.guards.map(({ text }) => text),
  ]
  const text = parts.join('\n').toLowerCase()
  texts.set(fault.id, text)
  return text
}
