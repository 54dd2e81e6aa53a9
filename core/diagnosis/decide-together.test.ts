import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { CaseInput } from '../record/case-input'
import { readCaseFile } from '../record/read'
import { decideTogether } from './plan-case'
import { believe } from './rank-case'

const FOLDER = 'data/demo/cases'
const inputOf = (name: string): CaseInput => {
  const file = readdirSync(FOLDER).find((one) => one.startsWith(name))!
  return readCaseFile(readFileSync(`${FOLDER}/${file}`, 'utf8'))
}
const demo = (name: string) => {
  const input = inputOf(name)
  return { input, ...believe(input) }
}
const decided = ({ input, ...believed }: ReturnType<typeof demo>, faults: readonly string[]) =>
  decideTogether(believed, input, faults)
/** The case in which two leaks were seen, and one with a single cause. */
const CASES = ['02', '05', '08'].map(demo)
const likeliest = ({ belief }: ReturnType<typeof demo>, count: number) =>
  belief.model.faults
    .map(({ id, group }, f) => ({ id, group, p: belief.faults[f]! }))
    .filter(({ group }) => group !== 'nothing-wrong')
    .toSorted((a, b) => b.p - a.p)
    .slice(0, count)

describe('several faults decided together', () => {
  it('one of them is there at least as likely as the likeliest, and at most as all of them added', () => {
    for (const believed of CASES)
      for (const count of [1, 2, 4]) {
        const some = likeliest(believed, count)
        const { anyOf } = decided(
          believed,
          some.map(({ id }) => id),
        )
        expect(anyOf).toBeGreaterThanOrEqual(some[0]!.p - 0.01)
        expect(anyOf).toBeLessThanOrEqual(
          Math.min(
            1,
            some.reduce((sum, { p }) => sum + p, 0),
          ) + 0.01,
        )
      }
  })
  it('with every one more, one is likelier to be there and less is left beside', () => {
    for (const believed of CASES) {
      const all = likeliest(believed, 5).map(({ id }) => id)
      const growing = all.map((_, i) => decided(believed, all.slice(0, i + 1)))
      growing.slice(1).forEach(({ anyOf, nothingElse }, i) => {
        expect(anyOf).toBeGreaterThanOrEqual(growing[i]!.anyOf)
        expect(nothingElse).toBeGreaterThanOrEqual(growing[i]!.nothingElse)
      })
    }
  })
  it('of none, none is there; of all, nothing is left beside', () => {
    for (const believed of CASES) {
      expect(decided(believed, []).anyOf).toBe(0)
      const every = believed.belief.model.faults.map(({ id }) => id)
      expect(decided(believed, every).nothingElse).toBeCloseTo(1, 12)
    }
  })
})

describe('what is left of a loss, and of what was found', () => {
  const signsLeft = (name: string, faults: string[]) =>
    decided(demo(name), faults).accounts!.left.map(({ sign }) => sign)
  it('of two sources one accounts for its own, and both for nearly all', () => {
    const [tank, flange] = ['expansion-tank-leak', 'thermostat-housing-leak']
    expect(signsLeft('10', [tank!])).toContain('traced:thermostat-flange')
    expect(signsLeft('10', [flange!])).not.toContain('traced:thermostat-flange')
    const [alone, both] = [signsLeft('10', [tank!]), signsLeft('10', [tank!, flange!])]
    expect(both.length).toBeLessThan(alone.length / 2)
  })
  it('a cylinder that fills accounts for all that was found', () =>
    expect(signsLeft('03', ['gasket-to-cylinder'])).toEqual([]))

  /** The first demo case whose hold shows less than so many litres a week. */
  const reporting = (litres: number) => {
    const input = inputOf('01')
    const records = input.records.map((record) =>
      record.kind === 'interview.loss'
        ? { ...record, data: { ...record.data, amount: litresOf(litres) } }
        : record,
    )
    return decideTogether(believe({ ...input, records }), { ...input, records }, [
      'radiator-seam-leak',
    ]).lossLeft
  }
  const litresOf = (value: number) => ({ typed: `${value}`, value, unit: 'L', coreValue: value })
  it('what is topped up beyond what the hold shows goes another way', () => {
    const [few, many] = [reporting(60), reporting(90)]
    expect(few!.left.low).toBeGreaterThan(0)
    expect(few!.left.high).toBeLessThanOrEqual(few!.reported)
    // The hold shows the same: what is reported more is left more.
    expect(many!.left.low - few!.left.low).toBeCloseTo(many!.reported - few!.reported, 9)
  })
  it('a loss that the hold explains leaves nothing', () => expect(reporting(0.1)).toBeUndefined())
})
