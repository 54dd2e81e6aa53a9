import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { shallowRef } from 'vue'
import {
  type CaseFile,
  checkCaseFile,
  DEFAULT_POLICY,
  type Instrument,
  type Policy,
  readCaseFile,
} from '#core'
import { readFileSync } from 'node:fs'
import type { Rows, ToldKind } from '../../app/local-store/rows'
import { useReader } from '../../app/shop/reader'

const file = readCaseFile(readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8'))

beforeEach(() => {
  setActivePinia(createPinia())
  vi.stubGlobal('localStorage', { getItem: () => null, setItem() {}, removeItem() {} })
})

const byId = <Row extends { id: string }>(rows: readonly Row[]) =>
  shallowRef(new Map(rows.map((row) => [row.id, row])))

/** A device on which this case stands, and what else is said. */
interface More {
  profiles?: Rows['profiles'][]
  instruments?: Rows['instruments'][]
  policy?: Policy
}
function reader(more: More = {}) {
  const { profile, ...vehicle } = file.vehicle
  const tables = {
    people: byId<Rows['people']>(file.people.map(({ id, name }) => ({ id, name: name ?? null }))),
    vehicles: byId<Rows['vehicles']>([vehicle]),
    profiles: byId<Rows['profiles']>(more.profiles ?? [{ id: 'p', vehicle: vehicle.id, profile }]),
    instruments: byId<Rows['instruments']>(more.instruments ?? file.instruments),
    cases: byId<Rows['cases']>([
      { ...file.case, elevationMetres: file.site.elevationMetres, attachments: file.attachments },
    ]),
    records: byId<Rows['records']>(
      file.records.map((record) => ({ id: record.id, case: file.case.id, record })),
    ),
    events: byId<Rows['events']>(
      file.events.map((event) => ({ id: event.id, case: file.case.id, event })),
    ),
  } satisfies { [K in ToldKind]: unknown }
  return {
    ...useReader(tables, {
      name: () => 'Saddle Line',
      experience: () => undefined,
      policy: () => more.policy,
    }),
    tables,
  }
}

const content = ({ exportedAt: _, writtenBy: __, shop: ___, ...rest }: CaseFile) => rest

describe('a case as it stands on a device', () => {
  it('is the one that was put there, record for record', () => {
    const { caseInput } = reader()
    const input = caseInput(file.case.id)!
    expect(input.case).toEqual(file.case)
    expect(input.vehicle).toEqual(file.vehicle)
    expect(input.site).toEqual(file.site)
    expect(new Set(input.records)).toEqual(new Set(file.records))
    expect(new Set(input.events)).toEqual(new Set(file.events))
  })
  it('is judged by what the shop decides, and its file says so', () => {
    const policy = { ...DEFAULT_POLICY, stopLimitC: 108 }
    const { caseInput, caseFileOf } = reader({ policy })
    expect(caseInput(file.case.id)!.policy).toEqual(policy)
    expect(caseFileOf(file.case.id)!.policy).toEqual(policy)
    expect(reader().caseFileOf(file.case.id)).not.toHaveProperty('policy')
  })
  it('is written out as a file that reads back as the same', () => {
    const written = reader().caseFileOf(file.case.id)!
    expect(content(checkCaseFile(JSON.parse(JSON.stringify(written))))).toEqual(content(file))
    expect(written.shop).toEqual({ name: 'Saddle Line' })
  })
  it('is none where the case, or its vehicle, is not here', () => {
    const { caseInput, caseFileOf, tables } = reader()
    expect(caseInput('elsewhere')).toBeUndefined()
    expect(caseFileOf('elsewhere')).toBeUndefined()
    tables.vehicles.value = new Map()
    expect(caseInput(file.case.id)).toBeUndefined()
  })
  it('has the system as it was described last, also while that waits to be sent', () => {
    const at = (id: string, fan: 'electric-relay' | 'viscous-clutch', receivedAt?: string) => ({
      id,
      vehicle: file.vehicle.id,
      profile: { fan },
      ...(receivedAt ? { receivedAt } : {}),
    })
    const older = at('a', 'electric-relay', '2026-11-01T00:00:00.000Z')
    const newer = at('b', 'viscous-clutch', '2026-11-02T00:00:00.000Z')
    expect(reader({ profiles: [newer, older] }).profileOf(file.vehicle.id)?.id).toBe('b')
    const waiting = at('c', 'electric-relay')
    expect(reader({ profiles: [waiting, newer] }).profileOf(file.vehicle.id)?.id).toBe('c')
    expect(reader({ profiles: [] }).caseInput(file.case.id)!.vehicle.profile).toEqual({})
  })
  it('follows what is recorded', () => {
    const { recordsOf, tables } = reader()
    const before = recordsOf(file.case.id).length
    const record = { ...file.records[0]!, id: 'new' }
    tables.records.value = new Map(tables.records.value).set('new', {
      id: 'new',
      case: file.case.id,
      record,
    })
    expect(recordsOf(file.case.id).length).toBe(before + 1)
    expect(recordsOf('elsewhere')).toEqual([])
  })
})

describe('instruments', () => {
  const tester = (id: string, name: string, supersedes?: string): Rows['instruments'] => ({
    id,
    kind: 'pressure-tester',
    name,
    ...(supersedes ? { supersedes } : {}),
  })
  const thermometer: Instrument = { id: 't', kind: 'thermometer', name: 'Probe' }
  it('are those of a kind, by name, as they are known now', () => {
    const { instrumentsOf } = reader({
      instruments: [
        tester('1', 'Old name'),
        tester('2', 'Zeta', '1'),
        tester('3', 'Alpha'),
        thermometer,
      ],
    })
    expect(instrumentsOf(['pressure-tester']).map(({ name }) => name)).toEqual(['Alpha', 'Zeta'])
    expect(instrumentsOf(['pressure-tester', 'thermometer']).length).toBe(3)
    expect(instrumentsOf(['scan-tool'])).toEqual([])
  })
})

describe('people', () => {
  it('are called by their names, and in words where a name was erased or is not known here', () => {
    const { nameOf, tables } = reader()
    const [{ id, name }] = file.people as [{ id: string; name: string }]
    expect(nameOf(id)).toBe(name)
    tables.people.value = new Map([[id, { id, name: null }]])
    expect(nameOf(id)).toBe(nameOf('nobody'))
    expect(nameOf('nobody')).toMatch(/\S/)
  })
})
