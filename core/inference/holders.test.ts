import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { holdersOf } from './holders'

const FAULTS = 5
/** up to three different members of each set, padded with what stands for none */
const sets = fc.array(fc.uniqueArray(fc.integer({ min: 0, max: FAULTS - 1 }), { maxLength: 3 }), {
  maxLength: 40,
})
const laidOut = (members: readonly number[][]) =>
  Int16Array.from(members.flatMap((m) => [0, 1, 2].map((k) => m[k] ?? FAULTS)))

describe('holders of a fault', () => {
  it('are exactly the sets that it is a member of, in their order', () => {
    fc.assert(
      fc.property(sets, (members) => {
        const { starts, lists } = holdersOf(laidOut(members), FAULTS)
        for (let f = 0; f < FAULTS; f++)
          expect([...lists.subarray(starts[f], starts[f + 1])]).toEqual(
            members.flatMap((m, i) => (m.includes(f) ? [i] : [])),
          )
      }),
    )
  })

  it('leave out what stands for none', () => {
    const { lists } = holdersOf(laidOut([[], [], [2]]), FAULTS)
    expect([...lists]).toEqual([2])
  })
})
