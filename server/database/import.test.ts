import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { oldestFirst } from './import'

interface Item {
  id: string
  supersedes?: string
  data: { run?: string }
}
const item = (id: number, before: { supersedes?: number; run?: number } = {}): Item => ({
  id: `i${id}`,
  ...(before.supersedes === undefined ? {} : { supersedes: `i${before.supersedes}` }),
  data: before.run === undefined ? {} : { run: `i${before.run}` },
})
/** Places of what each item speaks of, and its own; nothing where it speaks of none. */
function placesOf(items: readonly Item[]) {
  const at = new Map(items.map(({ id }, i) => [id, i]))
  return items.flatMap(({ id, supersedes, data }) =>
    [supersedes, data.run]
      .filter((before) => before !== undefined && at.has(before))
      .map((before) => [at.get(before!)!, at.get(id)!] as const),
  )
}

describe('the order in which a file is taken in', () => {
  it('has nothing before what it replaces or belongs to, whatever order it came in', () => {
    const arbitrary = fc.integer({ min: 1, max: 40 }).chain((count) =>
      fc
        .array(fc.record({ supersedes: fc.option(fc.nat(count)), run: fc.option(fc.nat(count)) }), {
          minLength: count,
          maxLength: count,
        })
        .map((said) =>
          said.map(({ supersedes, run }, i) =>
            // What comes before has a smaller number: no loops, as a checked file has none.
            item(i, {
              ...(supersedes !== null && supersedes < i ? { supersedes } : {}),
              ...(run !== null && run < i ? { run } : {}),
            }),
          ),
        )
        .chain((items) => fc.shuffledSubarray(items, { minLength: items.length })),
    )
    fc.assert(
      fc.property(arbitrary, (items) => {
        const ordered = oldestFirst(items)
        expect(new Set(ordered)).toEqual(new Set(items))
        expect(ordered.length).toBe(items.length)
        for (const [before, own] of placesOf(ordered)) expect(before).toBeLessThan(own)
      }),
    )
  })
  it('leaves alone what is in order', () => {
    const items = [item(0), item(1, { supersedes: 0 }), item(2), item(3, { run: 2 })]
    expect(oldestFirst(items)).toEqual(items)
  })
  it('does not stumble over what is not in the file', () => {
    const items = [item(1, { supersedes: 99 }), item(2, { run: 98 })]
    expect(oldestFirst(items)).toEqual(items)
  })
  it('goes down a chain of 50,000 corrections, newest first, without running out of stack or time', () => {
    const chain = Array.from({ length: 50_000 }, (_, n) =>
      item(n, n > 0 ? { supersedes: n - 1 } : {}),
    )
    const began = performance.now()
    expect(oldestFirst(chain.toReversed()).map(({ id }) => id)).toEqual(chain.map(({ id }) => id))
    // Each looked at many times over would take minutes; the cores may be somebody else’s meanwhile.
    expect(performance.now() - began).toBeLessThan(20_000)
  })
})
