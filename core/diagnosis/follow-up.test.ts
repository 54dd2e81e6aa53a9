import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { CaseInput } from '../record/case-input'
import { readCaseFile } from '../record/read'
import { followUpDue, followUpsOf } from './follow-up'

const plain = readCaseFile(readFileSync('data/vignettes/open/coolant-loss-upper-hose.json', 'utf8'))
const AT = '2026-09-10T12:00:00.000Z'
const DAY_MS = 86_400_000
const day = (days: number) => Date.parse(AT) + days * DAY_MS
let ids = 0
const stamp = (observedAt: string) => ({
  id: `0197eeee-0000-7000-8000-${String(++ids).padStart(12, '0')}`,
  by: plain.case.openedBy,
  observedAt,
})
const repaired = (faults: string[], at = AT) =>
  ({ ...stamp(at), kind: 'repaired', data: { faults } }) as const
const look = (days: number, level: 'at-mark' | 'a-little-lower' | 'lower') =>
  ({
    ...stamp(new Date(day(days)).toISOString()),
    kind: 'level-follow-up.look',
    data: { daysAfter: days, level },
  }) as const
const input = (
  faults: string[] | undefined,
  looks: ReturnType<typeof look>[] = [],
  complaint: CaseInput['case']['complaint'] = 'coolant-loss',
): CaseInput => ({
  ...plain,
  case: { ...plain.case, complaint },
  events: faults ? [repaired(faults)] : [],
  records: [...plain.records, ...looks],
})
const done = (of: CaseInput) => followUpsOf(of).map((one) => one.done)

describe('the level after a repair', () => {
  it('is looked at after a day, three and seven', () => {
    expect(followUpsOf(input(['upper-hose-leak'])).map((one) => [one.day, one.dueMs])).toEqual([
      [1, day(1)],
      [3, day(3)],
      [7, day(7)],
    ])
  })
  it('is not asked for before a repair, nor after one that stops no loss that nobody complained of', () => {
    expect(followUpsOf(input(undefined))).toEqual([])
    expect(followUpsOf(input(['fan-relay-dead'], [], 'overheats'))).toEqual([])
    expect(followUpsOf(input(['pump-seal-leak'], [], 'overheats'))).toHaveLength(3)
  })
  it('a look on the third day does for the first as well, and not for the seventh', () => {
    expect(done(input(['upper-hose-leak'], [look(3, 'at-mark')]))).toEqual([true, true, false])
  })
  it('a look from before the repair is none', () => {
    expect(done(input(['upper-hose-leak'], [look(-1, 'at-mark')]))).toEqual([false, false, false])
  })
  it('ends where it has fallen: the repair does not hold', () => {
    expect(done(input(['upper-hose-leak'], [look(1, 'lower')]))).toEqual([true, true, true])
  })
  it('is due when its day has come, the latest of several', () => {
    const of = input(['upper-hose-leak'])
    expect(followUpDue(followUpsOf(of), day(0.9))).toBeUndefined()
    expect(followUpDue(followUpsOf(of), day(1))?.day).toBe(1)
    expect(followUpDue(followUpsOf(of), day(5))?.day).toBe(3)
    expect(
      followUpDue(followUpsOf(input(['upper-hose-leak'], [look(7, 'at-mark')])), day(9)),
    ).toBeUndefined()
  })
})
