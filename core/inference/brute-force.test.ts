import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Belief } from './belief'
import type { Book, Sign } from '../knowledge/types'
import { bruteForcePosterior, bruteForceSets } from './brute-force.fixture'
import type { PlacedReading } from './evidence'
import type { Model } from './model'
import { modelOrSkip, randomCase } from './random-book.fixture'

/** Prior probability of every allowed set, by the ids of its faults. */
function priorWeights(book: Book, { weights, faultIndex }: Model): Map<string, number> {
  const { odds, scale, nothing } = weights
  const weightOf = (ids: readonly string[]) =>
    ids.reduce((w, id) => w * odds[faultIndex.get(id)!]!, ids.length === 0 ? nothing : scale)
  return new Map(bruteForceSets([...book.faults]).map((ids) => [ids.join('+'), weightOf(ids)]))
}

describe('the engine against brute force on small random books', () => {
  it('agrees to 1e-12, with hidden conditions, overrides, exclusions, shared validity, and work on the vehicle', () => {
    fc.assert(
      fc.property(randomCase, (random) => {
        const { book, model, timeline } = modelOrSkip(random)
        const names = (list: readonly number[]) => list.map((f) => model.faults[f]!.id).join('+')
        const belief = new Belief(model, random.readings, timeline)
        const weights = priorWeights(book, model)
        const truth = bruteForcePosterior(
          book,
          [...book.faults],
          weights,
          random.readings,
          random.works,
        )
        const summed = new Map<string, number>()
        for (const { faults, newcomer, probability } of belief.allSets()) {
          const came = belief.newcomers[newcomer]
          const key = came
            ? `${names(faults)}|${model.faults[came.fault]!.id}@${came.from}`
            : names(faults)
          summed.set(key, (summed.get(key) ?? 0) + probability)
        }
        for (const key of summed.keys()) expect(truth.has(key), key).toBe(true)
        for (const [key, p] of truth)
          expect(Math.abs((summed.get(key) ?? 0) - p), key).toBeLessThan(1e-12)
      }),
      { numRuns: 150 },
    )
  })
  it('agrees where readings are as sharp as can be, and products of likelihoods lie very far apart', () => {
    fc.assert(
      fc.property(randomCase, fc.constantFrom(1e-7, 1e-12), (random, least) => {
        const { book, model, timeline } = modelOrSkip(random)
        const readings = random.readings.map((reading, n) => ({
          ...reading,
          validity: 1,
          likelihood: Object.fromEntries(
            Object.entries(reading.likelihood).map(([state, p], j) => [
              state,
              (j + n) % 2 === 0 ? p : p * least,
            ]),
          ),
        }))
        const weights = priorWeights(book, model)
        const truth = bruteForcePosterior(book, [...book.faults], weights, readings, random.works)
        const belief = new Belief(model, readings, timeline)
        const present = (key: string, id: string) => {
          const [start, came] = key.split('|')
          const now = start!
            .split('+')
            .filter((one) => !random.works.some((w) => w.repaired.includes(one)))
          return now.includes(id) || came?.split('@')[0] === id
        }
        for (const fault of book.faults) {
          const p = [...truth].reduce(
            (sum, [key, q]) => (present(key, fault.id) ? sum + q : sum),
            0,
          )
          expect(Math.abs(belief.faults[model.faultIndex.get(fault.id)!]! - p)).toBeLessThan(1e-10)
        }
        const source = readings[0]?.source
        if (source === undefined) return
        const fewer = new Belief(model, readings.slice(1), timeline).faults
        belief.without(source).forEach((p, f) => expect(Math.abs(p - fewer[f]!)).toBeLessThan(1e-9))
      }),
      { numRuns: 100 },
    )
  })
  it('leaving one reading out equals never having taken it, and one more equals having had it', () => {
    fc.assert(
      fc.property(randomCase, (random) => {
        fc.pre(random.readings.length > 0)
        const { model, timeline } = modelOrSkip(random)
        const all = new Belief(model, random.readings, timeline)
        const fewer = new Belief(model, random.readings.slice(1), timeline)
        const without = all.without(random.readings[0]!.source)
        const again = fewer.withOneMore(random.readings[0]!)
        model.faults.forEach((_, f) => {
          expect(without[f]!).toBeCloseTo(fewer.faults[f]!, 11)
          expect(again[f]!).toBeCloseTo(all.faults[f]!, 11)
        })
      }),
      { numRuns: 100 },
    )
  })
  it('the order of readings does not matter, a reading that says nothing changes nothing, and probabilities sum to one', () => {
    fc.assert(
      fc.property(randomCase, (random) => {
        const { book, model, timeline } = modelOrSkip(random)
        const sign = book.signs[0]!
        const flat: PlacedReading = {
          source: 'flat',
          sign: sign.id,
          epoch: 0,
          conditions: 'flat',
          validity: 0.9,
          likelihood: Object.fromEntries(sign.states.map((s) => [s, 0.3])),
          says: { id: '', parameters: {} },
        }
        const straight = new Belief(model, random.readings, timeline)
        const other = new Belief(model, [flat, ...[...random.readings].reverse()], timeline)
        straight.faults.forEach((p, f) => expect(other.faults[f]!).toBeCloseTo(p, 11))
        expect(straight.allSets().reduce((sum, s) => sum + s.probability, 0)).toBeCloseTo(1, 12)
      }),
      { numRuns: 60 },
    )
  })
  it('with one binary sign and nothing else recorded, a clearer reading never lowers its own fault', () => {
    fc.assert(
      fc.property(randomCase, fc.integer({ min: 0, max: 4 }), (random, which) => {
        fc.pre(random.book.conditions.length === 0 && random.works.length === 0)
        const fault = random.book.faults[which % random.book.faults.length]!
        const own: Sign = {
          id: 'own',
          name: '',
          states: ['no', 'yes'],
          leak: { yes: 'rarely' },
          leakBecause: '',
          check: '',
        }
        const book = {
          ...random.book,
          signs: [own],
          faults: random.book.faults.map((f) => ({
            ...f,
            effects:
              f === fault ? [{ sign: 'own', atLeast: { yes: 'often' as const }, because: '' }] : [],
          })),
        }
        const { model } = modelOrSkip({ ...random, book })
        let last = 0
        for (const clear of [0.5, 0.6, 0.7, 0.8, 0.9, 0.99]) {
          const reading: PlacedReading = {
            source: 'r',
            sign: 'own',
            epoch: 0,
            conditions: 'c',
            validity: 0.9,
            likelihood: { no: 1 - clear, yes: clear },
            says: { id: '', parameters: {} },
          }
          const now = new Belief(model, [reading]).faults[model.faultIndex.get(fault.id)!]!
          expect(now).toBeGreaterThanOrEqual(last - 1e-15)
          last = now
        }
      }),
      { numRuns: 40 },
    )
  })
})
