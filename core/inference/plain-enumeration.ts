import { LEVELS } from '../knowledge/levels'
import type { AtLeast, Book, Sign } from '../knowledge/types'
import { combineReadings, type PlacedReading } from './evidence'
import type { Model } from './model'

/**
 * P(fault | readings) by plain enumeration of every set and every state of every hidden condition, looking each
 * level up in the book's tables. Slow on purpose: the figure that the engine's speed is compared with, and a
 * second opinion on its result. One epoch only.
 */
export function plainPosterior(model: Model, readings: readonly PlacedReading[]): Float64Array {
  const { book } = model
  const bySign = new Map<string, PlacedReading[]>()
  for (const r of readings)
    if (model.signs.has(r.sign)) bySign.set(r.sign, [...(bySign.get(r.sign) ?? []), r])
  const evidence = [...bySign].map(([id, list]) => {
    const sign = book.signs.find((s) => s.id === id)!
    return { sign, factor: combineReadings(sign.states, list) }
  })
  const faultEffects = evidence.map(({ sign }) =>
    model.faults.map((fault) => fault.effects.filter((e) => e.sign === sign.id)),
  )
  const conditionEffects = evidence.map(({ sign }) =>
    book.conditions.map((c) => c.effects.filter((e) => e.sign === sign.id)),
  )
  const needed = neededConditions(
    book,
    evidence.map((e) => e.sign),
  )
  const out = new Float64Array(model.faults.length)
  let total = 0
  for (const { members, weight } of plainSets(model)) {
    let sum = 0
    for (let h = 0; h < 1 << book.conditions.length; h++) {
      if ((h & ~needed) !== 0) continue
      let p = 1
      book.conditions.forEach((condition, k) => {
        if (!((needed >> k) & 1)) return
        let not = 1 - LEVELS[condition.leak]
        for (const f of members)
          for (const cause of model.faults[f]!.causes)
            if (cause.condition === condition.id) not *= 1 - LEVELS[cause.level]
        for (const cause of condition.causedBy)
          if ((h >> book.conditions.findIndex((c) => c.id === cause.condition)) & 1)
            not *= 1 - LEVELS[cause.level]
        p *= (h >> k) & 1 ? 1 - not : not
      })
      evidence.forEach(({ sign, factor }, i) => {
        const active: AtLeast[] = [sign.leak]
        for (const f of members)
          for (const effect of faultEffects[i]![f]!) active.push(effect.atLeast)
        book.conditions.forEach((_, k) => {
          if ((h >> k) & 1)
            for (const effect of conditionEffects[i]![k]!) active.push(effect.atLeast)
        })
        const override = sign.overrides?.find((o) => {
          const k = book.conditions.findIndex((c) => c.id === o.by)
          if (k >= 0) return ((h >> k) & 1) === (o.when === 'absent' ? 0 : 1)
          return members.some((f) => model.faults[f]!.id === o.by)
        })
        p *= expected(sign, override ? [override.atLeast] : active, factor)
      })
      sum += p
    }
    sum *= weight
    total += sum
    for (const f of members) out[f]! += sum
  }
  return out.map((value) => value / total)
}

/** Every set of up to three faults that do not exclude each other, with its prior probability. */
function* plainSets({ faults, weights }: Model): Generator<{ members: number[]; weight: number }> {
  const { odds, scale, nothing } = weights
  const mayStand = (f: number, g: number) =>
    faults[f]!.excludes === undefined || faults[f]!.excludes !== faults[g]!.excludes
  yield { members: [], weight: nothing }
  for (let a = 0; a < faults.length; a++) {
    yield { members: [a], weight: scale * odds[a]! }
    for (let b = a + 1; b < faults.length; b++) {
      if (!mayStand(a, b)) continue
      yield { members: [a, b], weight: scale * odds[a]! * odds[b]! }
      for (let c = b + 1; c < faults.length; c++)
        if (mayStand(a, c) && mayStand(b, c))
          yield { members: [a, b, c], weight: scale * odds[a]! * odds[b]! * odds[c]! }
    }
  }
}

/** Conditions that the signs depend on, and those that can bring these about; the others sum to one. */
function neededConditions(book: Book, signs: readonly Sign[]): number {
  let mask = 0
  book.conditions.forEach((condition, k) => {
    if (
      signs.some(
        (sign) =>
          condition.effects.some((e) => e.sign === sign.id) ||
          sign.overrides?.some((o) => o.by === condition.id),
      )
    )
      mask |= 1 << k
  })
  for (let k = book.conditions.length - 1; k >= 0; k--)
    if ((mask >> k) & 1)
      for (const cause of book.conditions[k]!.causedBy)
        mask |= 1 << book.conditions.findIndex((c) => c.id === cause.condition)
  return mask
}

function expected(sign: Sign, active: readonly AtLeast[], factor: Float64Array): number {
  let sum = 0
  let reached = 1
  for (let j = 0; j < sign.states.length; j++) {
    const next = sign.states[j + 1]
    const atLeastNext =
      next === undefined
        ? 0
        : 1 - active.reduce((p, levels) => p * (1 - (levels[next] ? LEVELS[levels[next]] : 0)), 1)
    sum += (reached - atLeastNext) * factor[j]!
    reached = atLeastNext
  }
  return sum
}
