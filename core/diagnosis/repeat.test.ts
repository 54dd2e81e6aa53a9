import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { readCaseFile } from '../record/read'
import { caseStateOf } from '../record/case-state'
import type { CaseInput } from '../record/case-input'
import { assess } from './assess'
import { planBelieved, planOf } from './plan-case'
import { believe } from './rank-case'
import { foundTrouble, proofOf } from './repeat'

const seam: CaseInput = readCaseFile(
  readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8'),
)
const late = '2027-01-01T08:00:00Z'
const repaired = {
  ...seam.events[0],
  id: '0199aaaa-0000-7000-8000-000000000001',
  kind: 'repaired',
  observedAt: late,
  receivedAt: late,
  by: seam.case.openedBy,
  data: { faults: ['radiator-seam-leak'] },
} as unknown as CaseInput['events'][number]
const cap = (level: string, observedAt: string) =>
  ({
    ...seam.records[0]!,
    id: `0199bbbb-0000-7000-8000-00000000000${level.length}`,
    kind: 'level-and-condition.look',
    observedAt,
    data: { level },
  }) as unknown as CaseInput['records'][number]

const proof = (records: CaseInput['records'], events: CaseInput['events']) => {
  const input = { ...seam, records, events }
  return proofOf(assess(input).outcomes, caseStateOf(input))
}

describe('what proves a repair', () => {
  it('is nothing before any work was recorded', () => {
    expect(proof(seam.records, [])).toEqual({ left: [], passed: [], failed: [] })
  })
  it('is the hot hold where that one fell, and not the cold one', () => {
    const records = seam.records.map((record) =>
      record.kind === 'pressure-hold.start'
        ? ({ ...record, data: { ...(record.data as object), engine: 'hot' } } as typeof record)
        : record,
    )
    const { left } = proof(records, [repaired])
    expect(left).toContain('pressure-hold-hot')
    expect(left).not.toContain('pressure-hold')
  })
  it('is how the whole way begins after it, by every school, and not before', () => {
    const after = { ...seam, events: [...seam.events, repaired] }
    const { left } = proof(after.records, after.events)
    expect(left).toContain('pressure-hold')
    for (const { steps } of planBelieved(believe(after), after).plans)
      expect(steps.slice(0, left.length).map(({ check }) => check)).toEqual(left)
    expect(planOf(believe(seam), seam).steps.map(({ check }) => check)).not.toContain(
      'pressure-hold',
    )
  })
  it('is every check that failed before it, until it was done again', () => {
    const { left } = proof(seam.records, [repaired])
    expect(left).toContain('pressure-hold')
    expect(left).not.toContain('interview')
  })
  it('is not a drive over other roads than the one that ran hot', () => {
    const drive = (kind: string, maxC: number, observedAt: string) =>
      ({
        ...seam.records[0]!,
        id: `0199cccc-0000-7000-8000-00000000000${kind.length}`,
        kind: 'load-run.run',
        observedAt,
        data: {
          segments: [
            {
              kind,
              minutes: 10,
              meanC: maxC - 4,
              maxC,
              airConditioning: 'off',
              heater: 'off',
              load: 'not-known',
            },
          ],
          coolsWithAirConditioningOff: 'not-known',
          coolsWithHeaterOn: 'not-known',
        },
      }) as unknown as CaseInput['records'][number]
    const hot = drive('climb', 121, '2026-01-01T08:00:00Z')
    const since = '2027-01-02T08:00:00Z'
    expect(proof([hot, drive('town', 92, since)], [repaired]).left).toEqual(['load-run'])
    expect(proof([hot, drive('cruise', 92, since)], [repaired]).passed).toEqual(['load-run'])
    expect(proof([hot, drive('town', 121, since)], [repaired]).failed).toEqual(['load-run'])
  })
  it('passes, or fails once more, by what is found since', () => {
    const before = cap('low', '2026-01-01T08:00:00Z')
    const since = '2027-01-02T08:00:00Z'
    expect(proof([before], [repaired]).left).toEqual(['level-and-condition'])
    expect(proof([before, cap('right', since)], [repaired]).passed).toEqual(['level-and-condition'])
    expect(proof([before, cap('empty', since)], [repaired]).failed).toEqual(['level-and-condition'])
  })
  it('trouble is an abnormal state three times as likely as the normal one', () => {
    const of = (no: number, yes: number) =>
      foundTrouble({
        signs: [{ sign: 'tank-bulged', likelihood: { no, yes } }] as never,
      })
    expect([of(0.2, 0.7), of(0.3, 0.7), of(0.9, 0.1)]).toEqual([true, false, false])
  })
})
