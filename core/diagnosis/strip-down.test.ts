import { describe, expect, it } from 'vitest'
import { records } from '../checks/check.fixture'
import { caseStateOf } from '../record/case-state'
import type { CaseEvent } from '../record/events'
import { inputOf } from './case-of.fixture'
import { stripDownOf } from './strip-down'

const repaired = (fault: string) =>
  ({
    id: '0197dddd-0000-7000-8000-000000000009',
    by: '0196aaaa-0000-7000-8000-0000000009ff',
    observedAt: '2026-09-01T12:00:00Z',
    kind: 'repaired',
    data: { faults: [fault] },
  }) as unknown as CaseEvent
const gap = { xMm: 10, yMm: 10, gapMm: 0.02 }
const face = (more: object) =>
  [
    'teardown.measure',
    {
      what: 'head-face',
      gaps: [],
      overheated: 'no',
      crack: 'not-known',
      gasketTrace: 'across',
      pitting: 'none',
      ...more,
    },
  ] as Parameters<typeof records>[number]
const missing = (
  list: Parameters<typeof records>,
  fault = 'gasket-to-cylinder',
  profile: { heavyDiesel?: true } = {},
) => {
  const input = inputOf(records(...list), { complaint: 'coolant-loss', profile })
  return stripDownOf(caseStateOf({ ...input, events: [repaired(fault)] }), profile).flatMap(
    ({ item, isTaken }) => (isTaken ? [] : [item]),
  )
}

describe('the strip-down sheet', () => {
  it('stands where the head came off, and asks for liners where there are any', () => {
    expect(missing([])).toEqual(['head-flatness', 'block-flatness', 'crack-test', 'bolts'])
    expect(missing([], 'lower-hose-leak')).toEqual([])
    expect(missing([], 'head-cracked', { heavyDiesel: true })).toContain('liners')
  })
  it('a face counts as measured only against its maker’s limit', () => {
    const flat = face({ gaps: [gap], flatnessLimitMm: 0.05, crack: 'none-after-test' })
    expect(missing([face({ gaps: [gap] })])).toContain('head-flatness')
    expect(missing([flat])).toEqual(['block-flatness', 'bolts'])
  })
  it('bolts are measured against their limit, or are new ones where it was overheated', () => {
    expect(missing([face({ boltLengthsMm: [112], boltLimitMm: 113 })])).not.toContain('bolts')
    expect(missing([face({ boltLengthsMm: [112] })])).toContain('bolts')
    expect(missing([face({ overheated: 'yes' })])).not.toContain('bolts')
  })
  it('a liner that was measured wants its limits', () => {
    expect(missing([face({ linerProtrusionMm: [0.05] })])).toContain('liners')
    expect(
      missing([face({ linerProtrusionMm: [0.05], protrusionLimitsMm: { low: 0.03, high: 0.1 } })]),
    ).not.toContain('liners')
  })
})
