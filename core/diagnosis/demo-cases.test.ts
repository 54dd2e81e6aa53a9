import { holdsOf } from './holds.fixture'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import Ajv2020 from 'ajv/dist/2020.js'
import { describe, expect, it } from 'vitest'
import { BOOK, BOOK_HASH } from '../knowledge/book'
import { InputError } from '../quantity/message'
import { caseJsonSchema } from '../record/json-schema'
import { composeCaseFile } from '../record/compose'
import { believe, chancesOf, leadOf, rankCase } from './rank-case'
import { carryForward, readCaseFile, writeCaseFile } from '../record/read'
import { FORMAT_VERSION } from '../record/schema'
import { standing } from '../record/standing'

const folder = 'data/demo/cases'
const files = readdirSync(folder).filter((f) => f.endsWith('.json'))
const load = (name: string) =>
  readFileSync(
    join(
      folder,
      files.find((f) => f.startsWith(name))!,
    ),
    'utf8',
  )
const ranked = (name: string) => rankCase(readCaseFile(load(name)))

describe('demo cases', () => {
  it('are at least six, valid by Zod and by the JSON Schema, and rank to probabilities', () => {
    expect(files.length).toBeGreaterThanOrEqual(6)
    const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(
      caseJsonSchema(),
    )
    for (const file of files) {
      const text = readFileSync(join(folder, file), 'utf8')
      expect(validate(JSON.parse(text)), `${file} ${JSON.stringify(validate.errors?.[0])}`).toBe(
        true,
      )
      const input = readCaseFile(text)
      const { ranking } = rankCase(input)
      for (const s of ranking.suspects)
        expect(s.probability >= 0 && s.probability <= 1 + 1e-12, `${file} ${s.fault}`).toBe(true)
      // The short answers, for the board and for what the newest record moved, are the long one's.
      const chances = chancesOf(believe(input))
      for (const s of ranking.suspects) expect(chances[s.fault]).toBeCloseTo(s.probability, 12)
      const lead = leadOf(input)
      expect(lead.probability).toBeCloseTo(
        Math.max(ranking.nothingWrong, ranking.suspects[0]!.probability),
        9,
      )
    }
  })
  it.each([
    ['01', 'radiator-seam-leak', 0.4, ['seep']],
    ['02', 'cap-weak', 0.9, ['tight']],
    ['03', 'gasket-to-cylinder', 0.9, ['seep']],
    ['04', 'overfilled', 0.75, ['tight']],
    ['05', 'thermostat-housing-leak', 0.8, ['leak', 'seep']],
    ['07', 'fan-motor-dead', 0.15, []],
    ['08', 'thermostat-stuck-open', 0.45, []],
    ['09', 'heater-core-leak', 0.6, ['seep']],
    ['10', 'expansion-tank-leak', 0.6, ['seep']],
    ['11', 'gasket-to-cylinder', 0.9, ['seep']],
    ['12', 'cap-wrong', 0.4, []],
    ['13', 'fan-relay-dead', 0.4, []],
    ['14', 'fan-clutch-slipping', 0.6, []],
    ['15', 'radiator-restricted', 0.9, []],
    ['17', 'thermostat-stuck-open', 0.9, []],
  ])('case %s: the readings lead to %s, and the holds to %j', (name, fault, atLeast, holds) => {
    const { ranking, assessment } = ranked(name)
    expect(ranking.suspects[0]!.fault).toBe(fault)
    expect(ranking.suspects[0]!.probability).toBeGreaterThan(atLeast)
    expect(holdsOf(assessment).map((h) => h.figures.state)).toEqual(holds)
  })
  it('the leak found in case 01 is of the size its keeper reports', () => {
    const [hold] = holdsOf(ranked('01').assessment)
    expect(hold!.figures.lossBudget!.comparison).toBe('explains')
    expect(hold!.figures.fallKPaPerMinute!.low).toBeLessThan(0.95)
    expect(hold!.figures.fallKPaPerMinute!.high).toBeGreaterThan(0.95)
  })
  it('the apprentice’s pass in case 06 clears nothing: low level, coarse dial, blind to the reported loss', () => {
    const { assessment, ranking } = ranked('06')
    const [hold] = holdsOf(assessment)
    expect(hold!.figures.state).not.toBe('seep')
    expect(hold!.figures.doesNotProve[0]!.id).toBe('hold.pass.lowLevel')
    expect(assessment.readings.find((r) => r.sign === 'hold-cold')!.validity).toBeLessThan(0.5)
    expect(ranking.suspects[0]!.probability).toBeLessThan(0.2)
  })
  it('in case 05 the replaced hose is hardly a suspect any more: only a bad new part is left', () => {
    const { ranking } = ranked('05')
    expect(ranking.suspects.find((s) => s.fault === 'lower-hose-leak')!.probability).toBeLessThan(
      0.01,
    )
  })
})

describe('the case file', () => {
  it('has the JSON Schema that docs/ shows', () => {
    expect(JSON.parse(readFileSync('docs/case-format.schema.json', 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(caseJsonSchema())),
    )
  })
  it('the demo cases hold an example of nearly every kind of record', () => {
    const kinds = new Set(
      files.flatMap((file) =>
        readCaseFile(readFileSync(join(folder, file), 'utf8')).records.map((r) => r.kind),
      ),
    )
    expect(kinds.size).toBeGreaterThanOrEqual(10)
  })
  it('comes back the same from reading, composing and writing', () => {
    for (const file of files) {
      const text = readFileSync(join(folder, file), 'utf8')
      const read = readCaseFile(text)
      const composed = composeCaseFile(read, read.exportedAt)
      expect(composed.writtenBy.book).toEqual({ version: BOOK.version, hash: BOOK_HASH })
      expect(writeCaseFile({ ...composed, writtenBy: read.writtenBy })).toBe(text)
    }
  })
  it('keeps unknown apart from absent', () => {
    const { vehicle } = readCaseFile(load('06'))
    expect(vehicle.profile.oilCooler).toBe('not-known')
    expect('systemRatingKPa' in vehicle.profile).toBe(false)
  })
  /** What JSON.parse gives: a file before anybody has looked at it. */
  type Parsed = ReturnType<typeof JSON.parse>
  const broken = (change: (file: Parsed) => void) => {
    const file = JSON.parse(load('01'))
    change(file)
    try {
      readCaseFile(JSON.stringify(file))
      return 'accepted'
    } catch (error) {
      return error instanceof InputError ? `${error.problem.id} ${error.path}` : 'another error'
    }
  }
  it.each([
    ['another format', (f: Parsed) => (f.format = 'x'), 'file.otherFormat format'],
    ['a later version', (f: Parsed) => (f.version = 9), 'file.laterVersion version'],
    ['no version', (f: Parsed) => delete f.version, 'file.noVersion version'],
    [
      'a pressure as a word',
      (f: Parsed) => (f.records[0].kind = 'no-such-kind'),
      'file.badField records.0.kind',
    ],
    [
      'an unknown person',
      (f: Parsed) => (f.records[2].by = '0192f000-0000-7000-8000-00000000dead'),
      'file.unknownPerson records.2.by',
    ],
    [
      'one id twice',
      (f: Parsed) => (f.records[1].id = f.records[0].id),
      'file.sameIdTwice records.1.id',
    ],
    [
      'a supersede of nothing',
      (f: Parsed) => (f.records[1].supersedes = '0192f000-0000-7000-8000-00000000dead'),
      'file.supersedesUnknown records.1.supersedes',
    ],
    [
      'another vehicle',
      (f: Parsed) => (f.case.vehicle = '0192f000-0000-7000-8000-00000000dead'),
      'file.otherVehicle case.vehicle',
    ],
  ])('refuses %s with the path of the field', (_, change, says) => {
    expect(broken(change)).toBe(says)
  })
  it('says of a truncated file that it was cut short', () => {
    expect(() => readCaseFile(load('01').slice(0, 5000))).toThrow(/file.truncated/)
    expect(() => readCaseFile('hello')).toThrow(/file.notJson/)
  })
  it('a corrected and a withdrawn record stay in the file and leave the computation', () => {
    const file = readCaseFile(load('01'))
    const reading = file.records.findLast((r) => r.kind === 'pressure-hold.reading')!
    const base = { by: reading.by, observedAt: '2026-11-20T09:00:00.000Z' }
    const withdrawn = {
      ...base,
      id: '0193a001-0000-7000-8000-0000000ffff1',
      kind: 'withdrawn' as const,
      data: {},
      supersedes: reading.id,
    }
    expect(standing([...file.records, withdrawn]).map((r) => r.id)).not.toContain(reading.id)
    const { assessment } = rankCase({ ...file, records: [...file.records, withdrawn] })
    const { points } = holdsOf(assessment)[0]!.figures
    expect(points.map((p) => p.id)).not.toContain(reading.id)
  })
  it('an old file is carried forward step by step, each step seeing what the last one left', () => {
    const old = { ...(JSON.parse(load('01')) as Record<string, unknown>), version: 1 }
    const steps = {
      1: (f: Record<string, unknown>) => ({
        ...f,
        site: { ...(f.site as object), country: 'unknown' },
      }),
      2: (f: Record<string, unknown>) => ({
        ...f,
        case: { ...(f.case as object), shopCountry: (f.site as { country: string }).country },
      }),
    }
    const carried = carryForward(old, 3, steps) as {
      version: number
      case: { shopCountry: string }
    }
    expect([carried.version, carried.case.shopCountry, old.version]).toEqual([3, 'unknown', 1])
    expect(() => carryForward(old, 4, steps)).toThrow(/no step from version 3/)
    expect(carryForward({ ...old, version: FORMAT_VERSION })).toEqual({
      ...old,
      version: FORMAT_VERSION,
    })
  })
  it('a case written under an earlier book ranks under this one, with faults called by their old names', () => {
    const file = readCaseFile(readFileSync('core/record/old-files/book-2026.11-1.json', 'utf8'))
    expect(file.writtenBy.book.version).toBe('2026.11-1')
    const by = file.records[0]!.by
    const repaired = {
      id: '0193a001-0000-7000-8000-0000000fff01',
      by,
      observedAt: '2026-12-01T09:00:00.000Z',
      kind: 'repaired' as const,
      data: { faults: ['fan-electric-dead'] },
    }
    const before = rankCase(file).ranking
    const after = rankCase({ ...file, events: [...file.events, repaired] }).ranking
    const motor = (r: typeof before) =>
      r.suspects.find((s) => s.fault === 'fan-motor-dead')!.probability
    expect(before.unheard).toEqual([])
    expect(motor(after)).toBeLessThan(0.35 * motor(before))
  })
  it('the order of records does not matter', () => {
    const file = readCaseFile(load('03'))
    const straight = rankCase(file).ranking.suspects
    const shuffled = rankCase({ ...file, records: [...file.records].reverse() }).ranking.suspects
    straight.forEach((s) =>
      expect(shuffled.find((x) => x.fault === s.fault)!.probability).toBeCloseTo(s.probability, 9),
    )
  })
})
