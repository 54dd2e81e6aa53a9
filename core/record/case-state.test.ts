import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { caseStateOf } from './case-state'
import type { CaseRecord } from './envelope'
import type { CaseEvent } from './events'
import { readCaseFile } from './read'

const file = readCaseFile(readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8'))
const bare = { ...file, records: [], events: [] }
const id = (n: number) => `0197eeee-0000-7000-8000-00000000000${n}`
const common = { by: file.case.openedBy }
const hold = file.records.find((r) => r.kind === 'pressure-hold.start')!
const withdrawn = (n: number, of: string, observedAt: string): CaseRecord => ({
  ...common,
  id: id(n),
  observedAt,
  kind: 'withdrawn',
  data: {},
  supersedes: of,
})
const event = (n: number, kind: 'engine-started' | 'engine-stopped' | 'drained', at: string) =>
  ({ ...common, id: id(n), observedAt: at, kind, data: {} }) as CaseEvent

describe('where a case stands', () => {
  it('a hold has pressed the system, and one that was taken back has not', () => {
    expect(caseStateOf(file).has('pressed')).toBe(true)
    const back = withdrawn(1, hold.id, '2026-11-20T10:00:00Z')
    const taken = caseStateOf({ ...file, records: [...file.records, back] })
    expect(taken.has('pressed')).toBe(false)
    // Its readings stand without it, and a reading of no hold is no hold.
    expect(taken.done.has('pressure-hold')).toBe(false)
  })
  it('a hold on a hot engine is done for itself and as a hold, and has pressed the system too', () => {
    const hot = file.records.map((record) =>
      record.id === hold.id
        ? ({ ...record, data: { ...(record.data as object), engine: 'hot' } } as CaseRecord)
        : record,
    )
    const state = caseStateOf({ ...file, records: hot })
    expect([...state.done]).toContain('pressure-hold-hot')
    expect([...state.done]).toContain('pressure-hold')
    expect([...caseStateOf(file).done]).not.toContain('pressure-hold-hot')
    expect(state.has('pressed')).toBe(true)
  })
  it('after work on the vehicle what was done before is done, and to be done anew', () => {
    const after = caseStateOf({ ...file, events: [event(2, 'drained', '2027-01-01T08:00:00Z')] })
    expect(after.done.has('pressure-hold')).toBe(true)
    expect(after.doneSinceWork.has('pressure-hold')).toBe(false)
    expect(after.hasSinceWork('pressed')).toBe(false)
    expect(after.epochOf(hold.observedAt)).toBe(0)
    expect(after.epochOf('2027-01-02T08:00:00Z')).toBe(1)
  })
  it('moments written with other offsets are compared by what they mean', () => {
    // 09:30+02:00 is before 08:00Z, though it reads later.
    const events = [
      event(3, 'engine-stopped', '2026-12-01T08:00:00Z'),
      event(4, 'engine-started', '2026-12-01T09:30:00+02:00'),
    ]
    expect(caseStateOf({ ...bare, events }).engineAt().running).toBe(false)
  })
  it('is read as of the moment asked for', () => {
    const events = [
      event(5, 'engine-started', '2026-12-01T08:00:00Z'),
      event(6, 'engine-stopped', '2026-12-01T08:40:00Z'),
    ]
    const at = (moment: string) => caseStateOf({ ...bare, events, at: moment }).engineAt().phase
    expect(at('2026-12-01T08:45:00Z')).toBe('cooling')
    expect(at('2026-12-04T08:45:00Z')).toBe('cold')
  })
  it('says how far it has come', () => {
    expect(caseStateOf(bare).stage).toBe('complaint-taken')
    expect(caseStateOf(file).stage).toBe('pressed')
  })
})
