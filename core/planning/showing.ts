import type { Check } from '../checks/define-check'
import { ALL_CHECKS, type CheckId } from '../checks/registry'
import type { Guard } from '../knowledge/types'
import type { CheckMinutes } from '../knowledge/shop-book'
import { checksHere } from './checks-here'
import { minutesOf } from './next-check'
import { mayHave, type SystemProfile } from '../vehicle/profile'
import { TOGETHER } from '../checks/together'

/** A row of facts with each that several checks show together spelt out; one row for each way. */
export function spelt(row: readonly string[], isShown: (fact: string) => boolean): string[][] {
  const at = row.findIndex((fact) => isTogether(fact) && !isShown(fact))
  if (at < 0) return [[...row]]
  const ways = TOGETHER.filter(({ fact }) => fact === row[at])
  const alone = ALL_CHECKS.some(({ shows }) => shows?.includes(row[at]!))
  return [...(alone ? [[row[at]!]] : []), ...ways.map(({ of }) => of)].flatMap((of) => {
    const rest = [...row.slice(0, at), ...row.slice(at + 1)]
    return spelt(rest, isShown).map((others) => [...others, ...of])
  })
}

const isTogether = (fact: string) => TOGETHER.some((one) => one.fact === fact)

/**
 * The checks that together would meet a guard with the least work in this shop, the shortest first; none where it is
 * met, or where no check can show it on this vehicle.
 */
export function checksToMeet(
  { anyOf }: Guard,
  facts: ReadonlySet<string>,
  profile: SystemProfile,
  minutes?: CheckMinutes,
): CheckId[] {
  const isShown = (fact: string) => facts.has(fact)
  const possible = checksHere(minutes)
    .filter(({ needs }) => mayHave(profile, needs))
    .toSorted((a, b) => minutesOf(a) - minutesOf(b))
  const ways = anyOf
    .flatMap((row) => spelt(row, isShown))
    .flatMap((row) => {
      const shown = row.filter((fact) => !isShown(fact)).map((fact) => showing(possible, fact))
      return shown.every((check) => check !== undefined) ? [[...new Set(shown)]] : []
    })
  const minutesOfAll = (checks: readonly Check[]) =>
    checks.reduce((sum, check) => sum + minutesOf(check), 0)
  const [least = []] = ways.toSorted((a, b) => minutesOfAll(a) - minutesOfAll(b))
  return least.toSorted((a, b) => minutesOf(a) - minutesOf(b)).map(({ id }) => id)
}

const showing = (possible: readonly Check<CheckId>[], fact: string) =>
  possible.find(({ shows }) => shows?.includes(fact))
