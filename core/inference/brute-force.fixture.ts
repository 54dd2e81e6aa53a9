import { LEVELS, PRIORS } from '../knowledge/levels'
import type { Book, Fault, Sign } from '../knowledge/types'
import type { PlacedReading } from './evidence'

/**
 * A second, naive account of the same semantics for tests: subsets by bit mask, explicit joint over every fault's
 * own outcome of every sign, validity of each condition enumerated. Shares no code with the engine.
 */
export function bruteForceSets(faults: Fault[]): string[][] {
  const out: string[][] = []
  for (let mask = 0; mask < 1 << faults.length; mask++) {
    const set = faults.filter((_, i) => (mask >> i) & 1)
    if (set.length > 3) continue
    const classes = set.map((f) => f.excludes).filter(Boolean)
    if (new Set(classes).size !== classes.length) continue
    out.push(set.map((f) => f.id))
  }
  return out
}

/** P(exact state | set) by enumerating every cause's own state and taking the worst. */
export function bruteForceStates(sign: Sign, set: Fault[]): number[] {
  const n = sign.states.length
  const own = (atLeast: Readonly<Record<string, keyof typeof LEVELS>>) => {
    const geq = [1, ...sign.states.slice(1).map((s) => (atLeast[s] ? LEVELS[atLeast[s]] : 0)), 0]
    return Array.from({ length: n }, (_, j) => geq[j]! - geq[j + 1]!)
  }
  const override = sign.overrides?.find((o) => set.some((f) => f.id === o.by))
  if (override) return own(override.atLeast)
  const causes = [own(sign.leak), ...set.flatMap((f) => f.effects.filter((e) => e.sign === sign.id).map((e) => own(e.atLeast)))]
  const result = new Array<number>(n).fill(0)
  const walk = (i: number, worst: number, p: number) => {
    if (i === causes.length) result[worst]! += p
    else causes[i]!.forEach((q, j) => walk(i + 1, Math.max(worst, j), p * q))
  }
  walk(0, 0, 1)
  return result
}

export function bruteForcePosterior(book: Book, faults: Fault[], setWeights: Map<string, number>, readings: PlacedReading[]) {
  const scored = bruteForceSets(faults).map((ids) => {
    const set = faults.filter((f) => ids.includes(f.id))
    let p = setWeights.get(ids.join('+'))!
    for (const sign of book.signs) {
      const mine = readings.filter((r) => r.sign === sign.id)
      if (mine.length === 0) continue
      const states = bruteForceStates(sign, set)
      const conditions = [...new Set(mine.map((r) => r.conditions))]
      let sum = 0
      sign.states.forEach((state, j) => {
        for (let valid = 0; valid < 1 << conditions.length; valid++) {
          let q = states[j]!
          conditions.forEach((condition, c) => {
            const group = mine.filter((r) => r.conditions === condition)
            const v = Math.min(...group.map((r) => r.validity))
            q *= (valid >> c) & 1 ? v : 1 - v
            for (const r of group) {
              const mean = sign.states.reduce((a, s) => a + r.likelihood[s]!, 0) / sign.states.length
              q *= (valid >> c) & 1 ? r.likelihood[state]! / mean : 1
            }
          })
          sum += q
        }
      })
      p *= sum
    }
    return { ids, p }
  })
  const total = scored.reduce((a, s) => a + s.p, 0)
  return new Map(scored.map((s) => [s.ids.join('+'), s.p / total]))
}

export const priorOf = (fault: Fault) => PRIORS[fault.prior['coolant-loss']]
