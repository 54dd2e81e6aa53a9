import { describe, expect, it } from 'vitest'
import { byCase } from './by-case'
import { rememberedBy } from './remembered'

const row = (kase: string, n: number) => ({ case: kase, entry: { n } })
type Row = ReturnType<typeof row>
const entryOf = ({ entry }: Row) => entry

describe('what each case has', () => {
  const rows = [row('a', 1), row('b', 2), row('a', 3)]
  it('stands in the order given', () => {
    expect(byCase(rows, entryOf)).toEqual(
      new Map([
        ['a', [{ n: 1 }, { n: 3 }]],
        ['b', [{ n: 2 }]],
      ]),
    )
  })
  it('stays the same list while nothing changed in it, and only then', () => {
    const before = byCase(rows, entryOf)
    const more = byCase([...rows, row('b', 4)], entryOf, before)
    expect(more.get('a')).toBe(before.get('a'))
    expect(more.get('b')).not.toBe(before.get('b'))
    expect(more.get('b')!.map(({ n }) => n)).toEqual([2, 4])
    const less = byCase(rows.slice(0, 2), entryOf, more)
    expect(less.get('a')!.map(({ n }) => n)).toEqual([1])
  })
  it('follows an entry that stands in another’s place', () => {
    const before = byCase(rows, entryOf)
    const replaced = byCase([rows[0]!, rows[1]!, row('a', 5)], entryOf, before)
    expect(replaced.get('a')!.map(({ n }) => n)).toEqual([1, 5])
  })
})

describe('what is remembered by a thing', () => {
  it('is worked out once for each, whatever it comes to', () => {
    let times = 0
    const worked = rememberedBy((thing: { n: number }) => {
      times += 1
      return thing.n > 1 ? thing.n : undefined
    })
    const [one, two] = [{ n: 1 }, { n: 2 }]
    expect([worked(one), worked(one), worked(two), worked(two)]).toEqual([
      undefined,
      undefined,
      2,
      2,
    ])
    expect(times).toBe(2)
  })
})
