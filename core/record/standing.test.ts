import { holdsOf } from '../diagnosis/holds.fixture'
import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assess } from '../diagnosis/assess'
import { readCaseFile } from './read'
import { isIsolated, ofKind, sinceLastWork, standing, standingRecords } from './standing'
import { type CaseEvent } from './events'
import { type CaseRecord } from './envelope'

const at = (minute: number) => `2026-11-20T10:${String(minute).padStart(2, '0')}:00.000Z`
const item = (id: string, kind: string, minute: number, supersedes?: string) => ({
  id,
  kind,
  observedAt: at(minute),
  ...(supersedes ? { supersedes } : {}),
})
const ids = (items: { id: string }[]) => items.map((i) => i.id)

describe('what stands', () => {
  it('a correction replaces, a withdrawal takes away', () => {
    expect(
      ids(standing([item('a', 'note', 1), item('b', 'note', 2, 'a'), item('c', 'note', 3)])),
    ).toEqual(['b', 'c'])
    expect(ids(standing([item('a', 'note', 1), item('w', 'withdrawn', 2, 'a')]))).toEqual([])
  })
  it('a withdrawal taken back brings the record back as it was, with its own moment', () => {
    const items = [
      item('a', 'pressure-hold.start', 1),
      item('w', 'withdrawn', 5, 'a'),
      item('v', 'withdrawn', 9, 'w'),
    ]
    expect(standing(items)).toEqual([items[0]])
  })
  it('of any number of withdrawals of withdrawals, an even number leaves the record standing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 1000 }), (n, seed) => {
        const chain = [
          item('r0', 'note', 0),
          ...Array.from({ length: n }, (_, i) => item(`r${i + 1}`, 'withdrawn', i + 1, `r${i}`)),
        ]
        const shuffled = chain
          .map((x, i) => ({ x, key: (i * 7919 + seed) % 101 }))
          .sort((a, b) => a.key - b.key)
          .map(({ x }) => x)
        expect(ids(standing(shuffled))).toEqual(n % 2 === 0 ? ['r0'] : [])
      }),
    )
  })
  it('taking back a correction does not bring the old value back: it is taken back whole', () =>
    expect(
      ids(
        standing([item('a', 'note', 1), item('b', 'note', 2, 'a'), item('w', 'withdrawn', 3, 'b')]),
      ),
    ).toEqual([]))
  it('never invents, and never shows a withdrawal', () => {
    const items = fc.array(
      fc.record({ n: fc.integer({ min: 0, max: 12 }), withdrawn: fc.boolean() }),
      { maxLength: 12 },
    )
    fc.assert(
      fc.property(items, (list) => {
        const all = list.map(({ n, withdrawn }, i) =>
          item(`i${i}`, withdrawn ? 'withdrawn' : 'note', i, n < i ? `i${n}` : undefined),
        )
        const out = standing(all)
        expect(out.every((o) => all.includes(o) && o.kind !== 'withdrawn')).toBe(true)
        expect(out.length).toBeGreaterThanOrEqual(
          all.filter((a) => a.kind === 'note' && !all.some((b) => b.supersedes === a.id)).length,
        )
      }),
    )
  })
})

describe('what the work on the vehicle divides', () => {
  const events = [
    item('s', 'engine-started', 5),
    { ...item('r', 'repaired', 10), data: { faults: ['lower-hose-leak'] } },
  ] as unknown as CaseEvent[]
  it('only what was observed since the last repair is of now', () => {
    expect(
      ids(
        sinceLastWork([item('a', 'note', 9), item('b', 'note', 10), item('c', 'note', 11)], events),
      ),
    ).toEqual(['b', 'c'])
    expect(ids(sinceLastWork([item('a', 'note', 9)], events.slice(0, 1)))).toEqual(['a'])
  })
  it('a clamped part is shut off from the clamp until the clamp comes off', () => {
    const clamp = (id: string, kind: 'isolated' | 'released', minute: number, part: string) => ({
      ...item(id, kind, minute),
      data: { part },
    })
    const list = [
      clamp('1', 'isolated', 10, 'lower-hose'),
      clamp('2', 'isolated', 12, 'pump'),
      clamp('3', 'released', 20, 'lower-hose'),
    ] as unknown as CaseEvent[]
    expect([5, 10, 15, 20, 25].map((m) => isIsolated('lower-hose', list, at(m)))).toEqual([
      false,
      true,
      true,
      false,
      false,
    ])
    expect([isIsolated('pump', list), isIsolated('lower-hose', list)]).toEqual([true, false])
  })
})

describe('a hold whose set-up was corrected', () => {
  const file = readCaseFile(readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8'))
  const start = ofKind(file.records, 'pressure-hold.start')[0]!
  const corrected = (n: number, strokes: number, supersedes: string) =>
    ({
      ...start,
      id: `0197bbbb-0000-7000-8000-00000000000${n}`,
      supersedes,
      data: { ...start.data, strokes },
    }) as CaseRecord
  const first = corrected(1, 20, start.id)
  const records = [...file.records, first, corrected(2, 24, first.id)]

  it('keeps its readings and its end, through any number of corrections', () => {
    const before = holdsOf(assess(file))
    const after = holdsOf(assess({ ...file, records }))
    expect(after).toHaveLength(before.length)
    expect(after[0]!.source).toBe('0197bbbb-0000-7000-8000-000000000002')
    expect(after[0]!.observedAt).toBe(before[0]!.observedAt)
    expect(after[0]!.figures.points).toEqual(before[0]!.figures.points)
    expect(after[0]!.figures.complianceMLPerKPa.value).not.toBe(
      before[0]!.figures.complianceMLPerKPa.value,
    )
    const end = (list: readonly CaseRecord[]) => ofKind(list, 'pressure-hold.end')[0]!.data
    expect(end(standingRecords(records))).toEqual({
      ...end(standingRecords(file.records)),
      run: '0197bbbb-0000-7000-8000-000000000002',
    })
  })
  it('a hold taken back whole comes back whole', () => {
    const gone = {
      ...start,
      id: '0197bbbb-0000-7000-8000-000000000008',
      kind: 'withdrawn',
      data: {},
      supersedes: start.id,
    } as CaseRecord
    const back = {
      ...gone,
      id: '0197bbbb-0000-7000-8000-000000000009',
      supersedes: gone.id,
    } as CaseRecord
    expect(holdsOf(assess({ ...file, records: [...file.records, gone] }))).toEqual([])
    expect(holdsOf(assess({ ...file, records: [...file.records, gone, back] }))).toEqual(
      holdsOf(assess(file)),
    )
  })
  it('changes nothing where nothing was corrected', () =>
    expect(standingRecords(file.records)).toEqual(standing(file.records)))
})
