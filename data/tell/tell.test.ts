import { describe, expect, it } from 'vitest'
import { RECORD_DATA, type Instrument } from '#core'
import { withQuantities } from './quantities'
import { COMMON_ROWS, rowCalled } from './rows'
import { TOLD, tell } from './tell'
import { Teller } from './teller'

const DIAL: Instrument = {
  id: '0192f000-0000-7000-8000-0000000000b1',
  kind: 'pressure-tester',
  name: 'Dial',
  offsetInCoreUnit: -2,
  resolutionInCoreUnit: 1,
}
const manner = {
  idPrefix: '0194ffff-0000-7000-8000-',
  startMs: Date.parse('2026-09-01T07:00:00Z'),
  stepMs: 60_000,
  by: 'one',
  eventsBy: 'two',
  received: false,
}
/** What is written down when these rows are told. */
function told(...rows: unknown[]) {
  const teller = new Teller(manner)
  tell(teller, TOLD.parse(rows), { rows: {}, people: { mave: 'three' } })
  return teller
}

describe('quantities of a row', () => {
  it('are read from a number and its unit, wherever they stand', () => {
    expect(withQuantities({ a: '88 °C', b: [{ c: '-0.5 kPa' }] })).toEqual({
      a: { typed: '88', value: 88, unit: '°C', coreValue: 88 },
      b: [{ c: { typed: '-0.5', value: -0.5, unit: 'kPa', coreValue: -0.5 } }],
    })
  })

  it('keep the unit they were written in, and the unit core computes in beside it', () => {
    expect(withQuantities('15 psi')).toMatchObject({
      value: 15,
      unit: 'psi',
      coreValue: 103.421355,
    })
  })

  it('are what an instrument shows where the truth is given', () => {
    expect(withQuantities('100 kPa by dial', { dial: DIAL })).toMatchObject({
      value: 98,
      instrument: DIAL.id,
      instrumentOffsetInCoreUnit: -2,
    })
  })

  it('leave words, units that are none and plain numbers as they are', () => {
    const facts = {
      words: 'at 88 °C it opened',
      odd: '3 furlongs',
      count: 3,
      yes: true,
      none: null,
    }
    expect(withQuantities(facts)).toEqual(facts)
  })

  it('refuse an instrument that the shop has not', () => {
    expect(() => withQuantities('1 kPa by dial')).toThrow('no instrument is called dial')
  })
})

describe('rows', () => {
  it('are written down in the order told, each a step after the last', () => {
    const { records } = told({ yes: ['wet-under', 'ac-water'] }, 'drivesWell', { dry: ['pump'] })
    expect(records.map((r) => r.kind)).toEqual([
      'interview.answer',
      'interview.answer',
      'belt-and-pump.look',
      'look-round.part',
    ])
    expect(records.map((r) => r.observedAt.slice(11, 16))).toEqual([
      '07:01',
      '07:02',
      '07:03',
      '07:04',
    ])
    expect(new Set(records.map((r) => r.id)).size).toBe(4)
  })

  it('may say when and by whom, and what follows goes on from there', () => {
    const { records } = told(
      { level: { level: 'low' }, at: '2026-09-02T10:00:00Z', by: 'mave' },
      { see: { pump: 'wet' } },
    )
    expect(records.map((r) => [r.by, r.observedAt])).toEqual([
      ['three', '2026-09-02T10:00:00.000Z'],
      ['one', '2026-09-02T10:01:00.000Z'],
    ])
  })

  it('keep a server’s clock beside the device’s where the case reached one', () => {
    const teller = new Teller({ ...manner, received: true })
    teller.record('interview.usage', { hoursPerWeek: 3 })
    expect(teller.records[0]).toMatchObject({
      receivedAt: '2026-09-01T07:01:00.400Z',
      clockOffsetMs: 120,
    })
  })

  it('write events beside records, by their own person', () => {
    const { records, events } = told({ repaired: { faults: ['lower-hose-leak'] } })
    expect(records).toEqual([])
    expect(events).toMatchObject([{ kind: 'repaired', by: 'two' }])
  })

  it('tell a look with and without pressure apart', () => {
    const { records } = told({ see: { pump: 'dry' } }, { seeUnpressed: { pump: 'dry' } })
    expect(records.map((r) => r.data)).toMatchObject([{ pressed: true }, { pressed: false }])
  })

  it('may be called by any kind of record', () => {
    for (const kind of Object.keys(RECORD_DATA)) expect(rowCalled(kind, {})).toBeTypeOf('function')
  })

  it('put a table’s own before the common ones', () => {
    const own = { level: () => undefined }
    expect(rowCalled('level', own)).toBe(own.level)
    expect(rowCalled('level', {})).toBe(COMMON_ROWS.level)
  })

  it.each([
    ['a name that no row has', { levle: { level: 'low' } }, 'no row is called "levle"'],
    ['two things in one row', { yes: ['wet-under'], no: ['ac-water'] }, 'a row says one thing'],
    ['facts of another shape', { yes: 'wet-under' }, 'row "yes"'],
    ['a time that is none', { level: {}, at: 'at noon' }, 'row "level"'],
    ['somebody who is not there', { level: {}, by: 'nobody' }, 'row "level"'],
  ])('refuse %s', (_, wrong, said) => {
    expect(() => told(wrong)).toThrow(said)
  })
})
