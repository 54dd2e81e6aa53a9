import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { SENTENCES } from '../../words/catalogue'
import { rankCase } from '../diagnosis/rank-case'
import { readCaseFile } from '../record/read'
import type { CaseRecord } from '../record/envelope'
import { BOOK } from '../knowledge/book'
import { isCheckId } from '../checks/registry'
import { caseStateOf } from '../record/case-state'
import type { CaseFile } from '../record/schema'
import { locatingCheck } from './locate'

const load = (number: string) =>
  readCaseFile(
    readFileSync(
      `data/demo/cases/${readdirSync('data/demo/cases').find((f) => f.startsWith(number))!}`,
      'utf8',
    ),
  )
const likely = (fault: string, probability = 0.8, met = false) => ({
  fault,
  probability,
  guards: [{ id: 'x', met, text: 'x' }],
})
const bare = load('07')
const pressed = {
  ...bare,
  records: [
    ...bare.records,
    {
      ...bare.records[0]!,
      id: '0197cccc-0000-7000-8000-000000000001',
      kind: 'pressure-hold.start',
      data: {},
    } as unknown as CaseRecord,
  ],
}

const locating = (suspects: Parameters<typeof locatingCheck>[0], file: CaseFile) =>
  locatingCheck(suspects, caseStateOf(file), file.vehicle.profile)

describe('the check that names the place of what is likely', () => {
  it('a head gasket that is the lead: the cylinders, until the runs are made', () => {
    expect(rankCase(load('03')).locate).toMatchObject({
      check: 'cranking-rise',
      fault: 'gasket-to-cylinder',
    })
    expect(rankCase(load('11')).locate).toBeUndefined()
  })
  it('an engine of one cylinder has none to name', () => {
    const single = {
      ...bare,
      vehicle: { ...bare.vehicle, profile: { ...bare.vehicle.profile, cylinders: 1 } },
    }
    expect(locating([likely('gasket-to-cylinder')], single)).toBeUndefined()
    expect(locating([likely('gasket-to-cylinder')], bare)?.check).toBe('cranking-rise')
  })
  it('nothing is located that is less likely than not', () =>
    expect(locating([likely('fan-relay-dead', 0.49)], bare)).toBeUndefined())
  it('an electric fan: its link', () =>
    expect(locating([likely('fan-relay-dead')], bare)?.check).toBe('fan-circuit'))
  it('a leak is traced after it was pressed, and not once it is shown', () => {
    expect(locating([likely('lower-hose-leak')], bare)).toMatchObject({
      check: 'pressure-hold',
      says: { id: 'locate.pressed' },
    })
    expect(locating([likely('lower-hose-leak')], pressed)?.check).toBe('leak-trace')
    expect(locating([likely('lower-hose-leak', 0.8, true)], pressed)).toBeUndefined()
  })
  it('of several it is the likeliest that is located first', () =>
    expect(
      locating([likely('fan-relay-dead', 0.6), likely('gasket-to-cylinder', 0.9)], bare)?.fault,
    ).toBe('gasket-to-cylinder'))
  it('names faults of the book, checks that are planned, and has words', () => {
    const known = new Set(BOOK.faults.map((f) => f.id))
    for (const fault of [
      'gasket-to-cylinder',
      'gasket-gas-to-coolant',
      'head-cracked',
      'fan-motor-dead',
      'fan-feed-lost',
      'fan-relay-dead',
      'fan-ground-bad',
      'fan-module-dead',
      'fan-switch-dead',
      'lower-hose-leak',
    ]) {
      expect(known.has(fault), fault).toBe(true)
      const found = locating([likely(fault)], pressed)!
      expect(isCheckId(found.check)).toBe(true)
      expect(SENTENCES[found.says.id]).toBeDefined()
    }
  })
})
