import { LEVELS } from '../knowledge/levels'
import { writtenPrior } from '../knowledge/priors'
import type { AtLeast, Book, Fault, Sign } from '../knowledge/types'
import type { PlacedReading } from './evidence'

/**
 * A second, naive account of the same semantics for tests: subsets by bit mask, every cause's own outcome of
 * every sign enumerated, the hidden conditions and the validity of each circumstance too, work on the vehicle
 * replayed step by step. Shares no code with the engine.
 */
export interface NaiveWork {
  repaired: string[]
  brought: { fault: string; chance: number }[]
}
/** Faults at the beginning and, of all that came later, at most one. */
export interface NaiveHistory {
  start: string[]
  came?: { fault: string; step: number }
}

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

/** P(exact state) of the worst of several independent causes, by walking through every combination. */
function worstOf(sign: Sign, causes: AtLeast[]): number[] {
  const n = sign.states.length
  const own = causes.map((atLeast) => {
    const geq = [1, ...sign.states.slice(1).map((s) => (atLeast[s] ? LEVELS[atLeast[s]] : 0)), 0]
    return Array.from({ length: n }, (_, j) => geq[j]! - geq[j + 1]!)
  })
  const result = new Array<number>(n).fill(0)
  const walk = (i: number, worst: number, p: number) => {
    if (i === own.length) result[worst]! += p
    else own[i]!.forEach((q, j) => walk(i + 1, Math.max(worst, j), p * q))
  }
  walk(0, 0, 1)
  return result
}

function states(book: Book, sign: Sign, set: Fault[], holding: string[]): number[] {
  for (const o of sign.overrides ?? []) {
    const condition = book.conditions.some((c) => c.id === o.by)
    if (
      condition ? holding.includes(o.by) === (o.when !== 'absent') : set.some((f) => f.id === o.by)
    )
      return worstOf(sign, [o.atLeast])
  }
  const effects = [
    ...set.flatMap((f) => f.effects),
    ...book.conditions.filter((c) => holding.includes(c.id)).flatMap((c) => c.effects),
  ]
  return worstOf(sign, [
    sign.leak,
    ...effects.filter((e) => e.sign === sign.id).map((e) => e.atLeast),
  ])
}

/** Readings of one circumstance under one state, their shared doubt walked through from one validity to the next. */
function saysOf(sign: Sign, state: string, group: PlacedReading[]): number {
  const bounds = [...new Set([0, ...group.map((r) => r.validity), 1])].sort((a, b) => a - b)
  let sum = 0
  for (let at = 1; at < bounds.length; at++) {
    const valid = group.filter((r) => r.validity >= bounds[at]!)
    const effective = valid.length / (1 + 0.9 * (valid.length - 1))
    let q = 1
    for (const r of valid) {
      const mean = sign.states.reduce((a, s) => a + r.likelihood[s]!, 0) / sign.states.length
      q *= Math.exp((Math.log(r.likelihood[state]! / mean) * effective) / valid.length)
    }
    sum += q * (bounds[at]! - bounds[at - 1]!)
  }
  return sum
}

/** P(readings of one epoch | faults present), with conditions and validity walked through one by one. */
function likelihood(book: Book, set: Fault[], readings: PlacedReading[]): number {
  const n = book.conditions.length
  let whole = 0
  for (let mask = 0; mask < 1 << n; mask++) {
    const holding = book.conditions.filter((_, k) => (mask >> k) & 1).map((c) => c.id)
    let p = 1
    for (const condition of book.conditions) {
      const causes = [
        condition.leak,
        ...set
          .flatMap((f) => f.causes)
          .filter((c) => c.condition === condition.id)
          .map((c) => c.level),
      ]
      causes.push(
        ...condition.causedBy.filter((c) => holding.includes(c.condition)).map((c) => c.level),
      )
      const none = causes.reduce((q, level) => q * (1 - LEVELS[level]), 1)
      p *= holding.includes(condition.id) ? 1 - none : none
    }
    for (const sign of book.signs) {
      const mine = readings.filter((r) => r.sign === sign.id)
      if (mine.length === 0) continue
      const exact = states(book, sign, set, holding)
      const circumstances = [...new Set(mine.map((r) => r.conditions))]
      let sum = 0
      sign.states.forEach((state, j) => {
        const q = circumstances.map((circumstance) =>
          saysOf(
            sign,
            state,
            mine.filter((r) => r.conditions === circumstance),
          ),
        )
        sum += q.reduce((all, one) => all * one, exact[j]!)
      })
      p *= sum
    }
    whole += p
  }
  return whole
}

/** P(history | readings), keyed "a+b" or "a+b|c@1" where c came with the work before epoch 1. */
export function bruteForcePosterior(
  book: Book,
  faults: Fault[],
  setWeights: Map<string, number>,
  readings: PlacedReading[],
  works: NaiveWork[] = [],
): Map<string, number> {
  const byId = (ids: string[]) => faults.filter((f) => ids.includes(f.id))
  const presentAt = (history: NaiveHistory, epoch: number) => {
    let now = [...history.start]
    for (let step = 1; step <= epoch; step++) {
      now = now.filter((id) => !works[step - 1]!.repaired.includes(id))
      if (history.came?.step === step && !now.includes(history.came.fault))
        now.push(history.came.fault)
    }
    return now
  }
  const scored: { key: string; p: number }[] = []
  for (const start of bruteForceSets(faults)) {
    const weight = setWeights.get(start.join('+'))!
    const possible = works.flatMap((work, w) =>
      start.length > 2
        ? []
        : work.brought
            .filter(({ fault }) => {
              const there = byId(presentAt({ start }, w + 1))
              const comes = byId([fault])[0]!
              return !there.some(
                (f) =>
                  f.id === fault || (f.excludes !== undefined && f.excludes === comes.excludes),
              )
            })
            .map((b) => ({ ...b, step: w + 1 })),
    )
    const histories: { history: NaiveHistory; p: number; key: string }[] = possible.map(
      ({ fault, chance, step }) => ({
        history: { start, came: { fault, step } },
        p: weight * chance,
        key: `${start.join('+')}|${fault}@${step}`,
      }),
    )
    histories.push({
      history: { start },
      p: weight * (1 - possible.reduce((a, b) => a + b.chance, 0)),
      key: start.join('+'),
    })
    for (const { history, p, key } of histories) {
      let q = p
      for (let epoch = 0; epoch <= works.length; epoch++)
        q *= likelihood(
          book,
          byId(presentAt(history, epoch)),
          readings.filter((r) => r.epoch === epoch),
        )
      scored.push({ key, p: q })
    }
  }
  const total = scored.reduce((a, s) => a + s.p, 0)
  const out = new Map<string, number>()
  for (const { key, p } of scored) out.set(key, (out.get(key) ?? 0) + p / total)
  return out
}

export const priorOf = (fault: Fault) => writtenPrior(fault, 'coolant-loss')
