import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { CaseEvent } from '../record/events'
import { caseStateOf } from '../record/case-state'
import { readCaseFile } from '../record/read'
import type { CaseInput } from '../record/case-input'
import { assess } from './assess'
import { DEFAULT_POLICY } from '../vehicle/policy'
import { beforeStart } from './before-start'

const read = (name: string): CaseInput =>
  readCaseFile(readFileSync(`data/demo/cases/${name}.json`, 'utf8'))
const lost = read('03-rescue-coolant-to-cylinder')
const told = (input: CaseInput) =>
  beforeStart(caseStateOf(input), assess(input).outcomes, {
    profile: input.vehicle.profile,
    policy: input.policy,
  })
const withoutCranking = {
  ...lost,
  events: [],
  records: lost.records.filter(({ kind }) => !kind.startsWith('cranking-rise')),
}
const started = (observedAt: string): CaseEvent => ({
  id: '0197dddd-0000-7000-8000-000000000009',
  by: lost.case.openedBy,
  observedAt,
  kind: 'engine-started',
  data: {},
})

describe('before an engine is started', () => {
  it('it stands safe and its limit is said, the vehicle’s own before the shop’s', () => {
    const { cautions } = told(withoutCranking)
    expect(cautions.map(({ id }) => id)).toEqual(['caution.starting', 'caution.stopLimit'])
    const own = { ...lost.vehicle, profile: { ...lost.vehicle.profile, stopLimitC: 104 } }
    const policy = { ...DEFAULT_POLICY, stopLimitC: 108 }
    const limit = (input: CaseInput) => told(input).cautions[1]!.parameters.limit
    expect(limit(lost)).toMatchObject({ coreValue: DEFAULT_POLICY.stopLimitC })
    expect(limit({ ...lost, policy })).toMatchObject({ coreValue: 108 })
    expect(limit({ ...lost, vehicle: own, policy })).toMatchObject({ coreValue: 104 })
  })
  it('a cylinder may be full after a hold whose loss nobody saw, until it was turned or ran', () => {
    expect(told(withoutCranking).cylinderMayBeFull).toBe(true)
    expect(told({ ...withoutCranking, events: [started('2027-01-01T08:00:00Z')] })).toMatchObject({
      cylinderMayBeFull: false,
    })
    expect(told({ ...withoutCranking, events: [started('2020-01-01T08:00:00Z')] })).toMatchObject({
      cylinderMayBeFull: true,
    })
  })
  it('is turned by hand where a cranking run says so', () => {
    const turned = read('11-rescue-two-cylinders')
    expect(turned.records.some(({ kind }) => kind === 'cranking-rise.run')).toBe(true)
    expect(told(turned).cylinderMayBeFull).toBe(false)
  })
  it('is not in question where nothing was pressed', () => {
    const bare = { ...lost, records: [], events: [] }
    expect(told(bare).cylinderMayBeFull).toBe(false)
  })
})
