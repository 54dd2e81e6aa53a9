import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { believe } from '../diagnosis/rank-case'
import { LEVELS } from '../knowledge/levels'
import { readCaseFile } from '../record/read'
import { Belief, sourceOf } from './belief'
import type { ClassTable } from './class-table'
import { countUp, faultsOf } from './counts'
import { countByDifferences, momentsOf } from './differences'
import { multisetsOf } from './multisets'
import { consequenceShares } from './roles'
import { SetWeigher } from './set-weigher'

const CASES = readdirSync('data/demo/cases').map((name) => ({
  name,
  ...believe(readCaseFile(readFileSync(`data/demo/cases/${name}`, 'utf8'))),
}))
const WITH_WORK = CASES.filter(({ belief }) => belief.epochs > 1)

describe.each(CASES)('over all sets of $name', ({ belief, model }) => {
  it('leaving a source out is never having had it, to 1e-9', () => {
    for (const source of new Set(belief.readings.map(sourceOf))) {
      const left = belief.readings.filter((reading) => sourceOf(reading) !== source)
      const never = new Belief(model, left, belief.timeline).faults
      belief.without(source).forEach((p, f) => {
        expect(Math.abs(p - never[f]!), `${source} ${model.faults[f]!.id}`).toBeLessThan(1e-9)
      })
    }
  })
})

describe('alike faults', () => {
  it('are summed up together: fewer of them than faults, each in one class', () => {
    for (const { belief, model } of CASES) {
      const { members, of, count } = belief.twins
      expect(count).toBeLessThan(0.85 * model.faults.length)
      expect(members.flat().sort((a, b) => a - b)).toEqual([...model.faults.keys()])
      members.forEach((list, twin) => list.forEach((f) => expect(of[f]).toBe(twin)))
    }
  })
  it('get of their common mass what their prior gives them, where nothing tells them apart', () => {
    for (const { belief, model } of CASES.filter((one) => one.belief.epochs === 1))
      for (const list of belief.twins.members)
        for (const f of list.slice(1)) {
          // Odds of alike faults keep their order; those of equal odds are equally likely.
          const { odds } = model.weights
          const [first] = list
          expect(belief.faults[f]!).toBeLessThanOrEqual(belief.faults[first!]! * (1 + 1e-9))
          if (odds[f] === odds[first!])
            expect(belief.faults[f]!).toBeCloseTo(belief.faults[first!]!, 12)
        }
  })
})

describe('the heaviest sets', () => {
  it.each(CASES.slice(0, 6))(
    'of $name are the first of all, in their order',
    ({ belief, model }) => {
      const again = new Belief(model, belief.readings, belief.timeline)
      const all = again.allSets().sort((a, b) => b.probability - a.probability)
      expect(all.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9)
      const heavy = again.heaviestSets(300)
      expect(heavy.map((set) => set.probability)).toEqual(
        all.slice(0, 300).map((set) => set.probability),
      )
      expect(new Set(heavy.map((set) => `${set.faults.join()}/${set.newcomer}`)).size).toBe(300)
    },
  )
})

describe('what sets with two faults weigh', () => {
  it.each([CASES[0]!, WITH_WORK[0]!])('in $name adds up from single sets', ({ belief, model }) => {
    const weigher = new SetWeigher(belief)
    const lead = belief.faults.indexOf(Math.max(...belief.faults))
    const all = belief.allSets().map((set) => ({ now: belief.present(set), p: set.probability }))
    model.faults.forEach((_, f) => {
      if (f === lead) return
      const both = all.reduce(
        (sum, { now, p }) => (now.includes(f) && now.includes(lead) ? sum + p : sum),
        0,
      )
      expect(weigher.together(f, lead)).toBeCloseTo(both, 12)
    })
  })
  it.each([CASES[0]!, WITH_WORK[0]!])(
    'says in $name which faults follow from others',
    ({ belief, model }) => {
      const spared = model.faults.map((_, to) =>
        model.faults.map((from) =>
          from.links
            .filter((link) => model.faultIndex.get(link.to) === to)
            .reduce((p, link) => p * (1 - LEVELS[link.level]), 1),
        ),
      )
      const caused = new Float64Array(model.faults.length)
      for (const set of belief.allSets()) {
        const now = belief.present(set)
        for (const to of now) {
          const alone = now.reduce((p, from) => (from === to ? p : p * spared[to]![from]!), 1)
          caused[to]! += set.probability * (1 - alone)
        }
      }
      consequenceShares(belief).forEach((share, f) =>
        expect(share * belief.faults[f]!).toBeCloseTo(caused[f]!, 10),
      )
    },
  )
})

describe('counting by differences', () => {
  /** A table of ratios over three classes of twins, none of them far from 1. */
  function ratios(belief: Belief, every: number): ClassTable {
    const twins = belief.twins.count
    const ofTwin = Uint8Array.from({ length: twins }, (_, t) =>
      t % every === 0 ? 1 + ((t / every) % 2) : 0,
    )
    const values = Float64Array.from(
      { length: multisetsOf(3).size },
      (_, x) => 0.2 + ((x * 7) % 11) / 3,
    )
    const linked = Uint8Array.from([...ofTwin.keys()].filter((t) => ofTwin[t] !== 0))
    const ofNewcomer = Uint8Array.from(belief.newcomers, (_, x) => x % 3)
    return { count: 3, ofTwin, ofNewcomer, linked, values }
  }
  it.each([...CASES.slice(0, 3), WITH_WORK[0]!])(
    'gives in $name what going through all sets gives',
    ({ belief, model }) => {
      const table = ratios(belief, 5)
      const moments = momentsOf(belief.weights)
      const few = countByDifferences(belief.weights, moments, [table])!
      const all = countUp(belief.weights, [table])
      const near = (a: ArrayLike<number>, b: ArrayLike<number>) =>
        Array.from(b).forEach((value, x) =>
          expect(Math.abs(a[x]! - value)).toBeLessThan(1e-12 * all.total),
        )
      near([few.total], [all.total])
      near(few.once, all.once)
      near(few.twice, all.twice)
      near(few.thrice, all.thrice)
      near(few.newcomer, all.newcomer)
      const ps = faultsOf(few, model, belief.twins, belief.elements)
      faultsOf(all, model, belief.twins, belief.elements).forEach((p, f) =>
        expect(ps[f]!).toBeCloseTo(p, 11),
      )
    },
  )
  it('is not done where ratios lie too far apart, or nearly all twins are spoken of', () => {
    const { belief } = CASES[0]!
    const moments = momentsOf(belief.weights)
    const far = ratios(belief, 5)
    far.values[1] = 1e-9
    expect(countByDifferences(belief.weights, moments, [far])).toBeUndefined()
    expect(countByDifferences(belief.weights, moments, [ratios(belief, 1)])).toBeUndefined()
  })
})
