import fc from 'fast-check'
import { LEVELS, PRIORS, type Level, type Prior } from '../knowledge/levels'
import type { AtLeast, Book, Cause, Condition, Effect, Sign } from '../knowledge/types'
import { priorOf, type NaiveWork } from './brute-force.fixture'
import type { PlacedReading } from './evidence'
import { buildModel } from './model'
import { bareBook, bareFault, bareSign } from './small-book.fixture'
import type { Timeline } from './timeline'

const levels = Object.keys(LEVELS) as Level[]
const priors = Object.keys(PRIORS) as Prior[]

export interface RandomCase {
  book: Book
  readings: PlacedReading[]
  works: NaiveWork[]
}

/**
 * A small random book: 3 to 5 faults, 0 to 2 hidden conditions (the second may be caused by the first), signs of
 * 2 to 4 states that depend on faults and conditions, overrides by either, one exclusion class; readings that
 * share circumstances, in one or two epochs with work between.
 */
export const randomCase = fc
  .record({
    faultCount: fc.integer({ min: 3, max: 5 }),
    conditionCount: fc.integer({ min: 0, max: 2 }),
    signCount: fc.integer({ min: 1, max: 3 }),
    epochs: fc.integer({ min: 1, max: 2 }),
    seed: fc.array(fc.integer({ min: 0, max: 9999 }), { minLength: 300, maxLength: 300 }),
  })
  .map(({ faultCount, conditionCount, signCount, epochs, seed }): RandomCase => {
    let at = 0
    const draw = () => seed[at++ % seed.length]!
    const pick = <T>(list: readonly T[]): T => list[draw() % list.length]!
    const chance = (oneIn: number) => draw() % oneIn === 0
    const falling = (states: readonly string[]): AtLeast => {
      const chosen = states
        .slice(1)
        .map(() => pick(levels))
        .sort((a, b) => LEVELS[b] - LEVELS[a])
      return Object.fromEntries(states.slice(1).map((s, i) => [s, chosen[i]!]))
    }
    const conditionIds = Array.from({ length: conditionCount }, (_, k) => `c${k}`)
    const signs: Sign[] = Array.from({ length: signCount }, (_, i) => {
      const states = ['s0', 's1', 's2', 's3'].slice(0, 2 + (draw() % 3))
      const overrides = [
        ...(chance(4) ? [{ by: 'f1', atLeast: falling(states), because: '' }] : []),
        ...(conditionCount > 0 && chance(3)
          ? [
              {
                by: pick(conditionIds),
                when: pick(['present', 'absent'] as const),
                atLeast: falling(states),
                because: '',
              },
            ]
          : []),
      ]
      return { ...bareSign(`sign${i}`, { states, leak: falling(states) }), overrides }
    })
    const effects = (): Effect[] =>
      signs
        .filter(() => !chance(3))
        .map((s) => ({ sign: s.id, atLeast: falling(s.states), because: '' }))
    const causes = (ids: string[]): Cause[] =>
      ids
        .filter(() => chance(2))
        .map((condition) => ({ condition, level: pick(levels), because: '' }))
    const conditions: Condition[] = conditionIds.map((id, k) => ({
      id,
      name: '',
      leak: pick(levels),
      leakBecause: '',
      causedBy: causes(conditionIds.slice(0, k)),
      effects: effects(),
    }))
    const faults = Array.from({ length: faultCount }, (_, f) =>
      bareFault(`f${f}`, {
        lossPrior: pick(priors),
        ...(f < 2 ? { excludes: 'pair' } : {}),
        effects: effects(),
        causes: causes(conditionIds),
      }),
    )
    const readings: PlacedReading[] = signs.flatMap((s) =>
      Array.from({ length: draw() % 4 }, (_, k) => ({
        source: `${s.id}-${k}`,
        sign: s.id,
        epoch: draw() % epochs,
        conditions: `c${draw() % 2}-${s.id}`,
        validity: pick([0.3, 0.6, 0.9]),
        likelihood: Object.fromEntries(s.states.map((state) => [state, ((draw() % 97) + 1) / 100])),
        says: { id: '', parameters: {} },
      })),
    )
    const works: NaiveWork[] =
      epochs === 1
        ? []
        : [
            {
              repaired: [pick(faults).id],
              brought: [
                { fault: pick(faults).id, chance: 0.1 },
                { fault: 'f2', chance: 0.05 },
              ],
            },
          ]
    const book = bareBook({ faults, signs, conditions }, 0.4)
    return { book, readings, works }
  })
  .filter(({ book }) => {
    const sum = book.faults.reduce((a, f) => a + priorOf(f), 0)
    const largest = Math.max(...book.faults.map(priorOf))
    return sum > 0.1 && largest < 0.5
  })

/** Priors that few faults can carry beside P(nothing) may be out of reach of any set weights; such books are skipped. */
export function modelOrSkip({ book, works }: RandomCase) {
  const sum = book.faults.reduce((a, f) => a + priorOf(f), 0)
  const fixed = {
    ...book,
    nothingAtAll: { ...book.nothingAtAll, 'coolant-loss': Math.max(0.01, 1 - sum * 0.985) },
  }
  try {
    const model = buildModel(fixed, 'coolant-loss', {})
    const index = (id: string) => model.faultIndex.get(id)!
    const timeline: Timeline = works.map((w) => ({
      repaired: w.repaired.map(index),
      brought: w.brought.map((b) => ({ fault: index(b.fault), chance: b.chance })),
    }))
    return { book: fixed, model, timeline }
  } catch (error) {
    if (error instanceof RangeError) fc.pre(false)
    throw error
  }
}
