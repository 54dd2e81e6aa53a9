import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { caseRecord } from './envelope'
import { RECORD_DATA, type RecordKind } from './kinds'
import { readCaseFile } from './read'
import { carryData, carryFile, carryInstrument, carryProfile, carryRecord } from './version-1'

const OLD_FILES = readdirSync('core/record/old-files').filter((name) =>
  name.startsWith('version-1-'),
)
const told = (file: object) => ({ ...file, writtenBy: undefined })
const examples = JSON.parse(readFileSync('docs/record-examples.json', 'utf8')) as Record<
  RecordKind,
  Record<string, unknown>
>

/** The words that version 1 had for "not known", each with a record and fields that were said with it. */
const SAID: [word: string, kind: RecordKind, ...fields: string[]][] = [
  ['not-seen', 'belt-and-pump.look', 'pumpTurns'],
  ['not-looked', 'belt-and-pump.look', 'slip', 'wobble'],
  ['not-tested', 'cap.test', 'vacuumValve'],
  ['not-looked', 'cap.test', 'seals'],
  ['not-said', 'chemical-gas-test.test', 'funnelFittedCold'],
  ['not-tried', 'clutch-hot.test', 'dragHot'],
  ['not-tried', 'cold-soak.test', 'wiring'],
  ['not-looked', 'cylinder-leakage.test', 'bubblesInNeck'],
  ['not-tried', 'fan-by-hand.test', 'drag', 'rocking'],
  ['not-looked', 'fan-by-hand.test', 'streaks', 'blades'],
  ['not-tried', 'fan-circuit.walk', 'bridged', 'directFeed'],
  ['not-seen', 'level-creep.watch', 'bubbles', 'overflowed'],
  ['not-tried', 'load-run.run', 'coolsWithAirConditioningOff', 'coolsWithHeaterOn'],
  ['not-looked', 'look-round.air-side', 'fins', 'stack', 'shroud', 'blades', 'duct', 'tank'],
  ['not-looked', 'pressure-hold.end', 'tray', 'cylinders'],
  ['not-seen', 'pump-delivery.test', 'returnStream', 'lowerHose'],
  ['not-looked', 'pump-off.look', 'impeller', 'seal'],
  ['not-tried', 'pump-off.look', 'shaftPlay'],
  ['not-looked', 'radiator-flow.test', 'lookedFromBothTanks'],
  ['not-tried', 'refill.fill', 'complaintAfter'],
  ['not-said', 'running-pressure.run', 'adapterReliefAtOrBelowCap'],
  ['not-said', 'sensor-agreement.compare', 'surface'],
  ['not-looked', 'sensor-agreement.compare', 'dash'],
  ['not-tested', 'teardown.measure', 'crack'],
  ['not-looked', 'teardown.measure', 'gasketTrace', 'pitting'],
  ['not-said', 'warm-up-run.start', 'surface'],
]

describe('version 1 of the case format', () => {
  it.each(OLD_FILES)('%s says today what its case says', (name) => {
    const old = readCaseFile(readFileSync(`core/record/old-files/${name}`, 'utf8'))
    const now = readCaseFile(
      readFileSync(`data/demo/cases/${name.replace('version-1-', '')}`, 'utf8'),
    )
    expect(told(old)).toEqual(told(now))
  })

  it.each(SAID)('"%s" in %s is taken as not known', (word, kind, ...fields) => {
    const said = { ...examples[kind], ...Object.fromEntries(fields.map((f) => [f, word])) }
    expect(RECORD_DATA[kind].safeParse(said).success).toBe(false)
    const data = carryData(said)
    expect(data).toMatchObject(Object.fromEntries(fields.map((f) => [f, 'not-known'])))
    expect(RECORD_DATA[kind].safeParse(data).error).toBeUndefined()
  })

  it('has one word for what was dried and is wet again', () => {
    const traced = { places: [{ place: 'weep-hole', seen: 'wet-again' }] }
    expect(carryData(traced)).toEqual({
      places: [{ place: 'weep-hole', seen: 'dried-and-wet-again' }],
    })
  })

  it('carries the value in core’s unit, wherever a quantity stands', () => {
    const old = { typed: '1', value: 1, unit: 'wk', si: 604800, instrumentOffsetSi: 2 }
    expect(carryData({ per: { time: old }, list: [old] })).toEqual({
      per: {
        time: {
          typed: '1',
          value: 1,
          unit: 'wk',
          coreValue: 604800,
          instrumentOffsetInCoreUnit: 2,
        },
      },
      list: [
        { typed: '1', value: 1, unit: 'wk', coreValue: 604800, instrumentOffsetInCoreUnit: 2 },
      ],
    })
  })

  it('leaves what a person typed as it is, whatever the words', () => {
    expect(carryData({ text: 'not-looked' })).toEqual({ text: 'not-looked' })
    expect(carryRecord({ kind: 'cap.test', note: 'not-tested', data: {} })).toMatchObject({
      note: 'not-tested',
    })
    expect(carryProfile({ fan: 'unknown', figuresFrom: 'unknown' })).toEqual({
      fan: 'not-known',
      figuresFrom: 'unknown',
    })
    expect(carryInstrument({ name: 'unknown', offsetSi: 'unknown', resolutionSi: 1 })).toEqual({
      name: 'unknown',
      offsetInCoreUnit: 'not-known',
      resolutionInCoreUnit: 1,
    })
  })

  it('leaves today’s writing as it is', () => {
    for (const data of Object.values(examples)) expect(carryData(data)).toEqual(data)
    const now = JSON.parse(
      readFileSync('data/demo/cases/06-lift-van-invalid-pass.json', 'utf8'),
    ) as Record<string, unknown>
    expect(carryFile(now)).toEqual(now)
  })

  it('leaves what is no record, profile or instrument for the check that follows', () => {
    for (const odd of [undefined, null, 7, 'words', []]) {
      expect(carryRecord(odd)).toEqual(odd)
      expect(carryProfile(odd)).toEqual(odd)
      expect(carryInstrument(odd)).toEqual(odd)
      expect(caseRecord.safeParse(carryRecord(odd)).success).toBe(false)
    }
    expect(() => carryFile({ records: 'none', vehicle: 3 })).not.toThrow()
  })
})
