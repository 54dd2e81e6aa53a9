import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { readCaseFile } from '../record/read'
import { decideTogether } from './plan-case'
import { believe } from './rank-case'

const FOLDER = 'data/demo/cases'
const demo = (name: string) => {
  const file = readdirSync(FOLDER).find((one) => one.startsWith(name))!
  return believe(readCaseFile(readFileSync(`${FOLDER}/${file}`, 'utf8')))
}
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
        const { anyOf } = decideTogether(
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
      const growing = all.map((_, i) => decideTogether(believed, all.slice(0, i + 1)))
      growing.slice(1).forEach(({ anyOf, nothingElse }, i) => {
        expect(anyOf).toBeGreaterThanOrEqual(growing[i]!.anyOf)
        expect(nothingElse).toBeGreaterThanOrEqual(growing[i]!.nothingElse)
      })
    }
  })
  it('of none, none is there; of all, nothing is left beside', () => {
    for (const believed of CASES) {
      expect(decideTogether(believed, []).anyOf).toBe(0)
      const every = believed.belief.model.faults.map(({ id }) => id)
      expect(decideTogether(believed, every).nothingElse).toBeCloseTo(1, 12)
    }
  })
})
