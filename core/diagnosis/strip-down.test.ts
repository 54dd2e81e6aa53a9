import { describe, expect, it } from 'vitest'
import { records } from '../checks/check.fixture'
import { caseStateOf } from '../record/case-state'
import type { CaseEvent } from '../record/events'
import { type BoltRule, DEFAULT_POLICY } from '../vehicle/policy'
import { inputOf } from './case-of.fixture'
import { headBoltsFor, stripDownOf } from './strip-down'

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
  { stretchBolts, ...profile }: { heavyDiesel?: true; stretchBolts?: BoltRule } = {},
) => {
  const input = inputOf(records(...list), { complaint: 'coolant-loss', profile })
  const policy = { ...DEFAULT_POLICY, ...(stretchBolts && { stretchBolts }) }
  const state = caseStateOf({ ...input, events: [repaired(fault)] })
  return stripDownOf(state, { ...input, policy }).flatMap(({ item, isTaken }) =>
    isTaken ? [] : [item],
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
  it('bolts are asked for as the shop has it: always measured, or never because all are new', () => {
    const hot = [face({ overheated: 'yes' })]
    expect(missing(hot, 'head-cracked', { stretchBolts: 'within-limit' })).toContain('bolts')
    expect(missing([], 'head-cracked', { stretchBolts: 'always-new' })).not.toContain('bolts')
  })
  it('a liner that was measured wants its limits', () => {
    expect(missing([face({ linerProtrusionMm: [0.05] })])).toContain('liners')
    expect(
      missing([face({ linerProtrusionMm: [0.05], protrusionLimitsMm: { low: 0.03, high: 0.1 } })]),
    ).not.toContain('liners')
  })
})

describe('new head bolts', () => {
  const bolts = (
    complaint: 'overheats' | 'coolant-loss',
    list: Parameters<typeof records> = [],
    stretchBolts?: BoltRule,
    fault = 'gasket-to-cylinder',
  ) => {
    const input = inputOf(records(...list), { complaint, profile: {} })
    const policy = { ...DEFAULT_POLICY, ...(stretchBolts && { stretchBolts }) }
    return headBoltsFor([fault], caseStateOf(input), { ...input, policy })
  }
  it('are needed where it overheated, advised where nobody knows, and spared where it did not', () => {
    expect(bolts('overheats')).toBe('needed')
    expect(bolts('coolant-loss')).toBe('advised')
    expect(bolts('coolant-loss', [face({ overheated: 'yes' })])).toBe('needed')
    expect(bolts('overheats', [face({ overheated: 'no' })])).toBeUndefined()
  })
  it('follow the shop’s rule, and belong to a head that comes off only', () => {
    expect(bolts('coolant-loss', [face({ overheated: 'no' })], 'always-new')).toBe('needed')
    expect(bolts('overheats', [], 'within-limit')).toBeUndefined()
    expect(bolts('overheats', [], 'always-new', 'lower-hose-leak')).toBeUndefined()
  })
})
