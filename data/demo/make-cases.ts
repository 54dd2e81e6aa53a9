import { mkdirSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import {
  type CaseEvent,
  type CaseRecord,
  checkCaseFile,
  type Complaint,
  composeCaseFile,
  type Instrument,
  type Part,
  type QuantityKind,
  readCaseFile,
  type SystemProfile,
  toCore,
  writeCaseFile,
} from '#core'

/**
 * Writes the demo shop's cases. Each hold is the reading of a dial, with its step and offset, of a pressure that
 * falls by the law and rate of the story; nothing else is put in by hand. Run: npx tsx data/demo/make-cases.ts
 */
const folder = join(dirname(fileURLToPath(import.meta.url)), 'cases')
const ILKA = '0192f000-0000-7000-8000-000000000001'
const OREN = '0192f000-0000-7000-8000-000000000002'
const MAVE = '0192f000-0000-7000-8000-000000000003'
const PEOPLE = [
  { id: ILKA, name: 'Ilka Brandt' },
  { id: OREN, name: 'Oren Tschudy' },
  { id: MAVE, name: 'Mave Quill' },
]

const GAUGE: Instrument = {
  id: '0192f000-0000-7000-8000-0000000000a1',
  kind: 'pressure-tester',
  name: 'Tester A, bay 2',
  offsetSi: -2,
  resolutionSi: 1,
  strokeVolumeML: 28,
  enclosedML: 48,
  checkedAt: '2026-10-05T08:00:00.000Z',
}
const OLD_GAUGE: Instrument = {
  id: '0192f000-0000-7000-8000-0000000000a2',
  kind: 'pressure-tester',
  name: 'Old tester, psi dial',
  offsetSi: 'unknown',
  resolutionSi: 6.894757,
}
const CAP_ADAPTER: Instrument = {
  id: '0192f000-0000-7000-8000-0000000000a3',
  kind: 'cap-adapter',
  name: 'Cap adapter, bay 1',
  offsetSi: 1,
  resolutionSi: 1,
  checkedAt: '2026-10-05T08:20:00.000Z',
}
const THERMOMETER: Instrument = {
  id: '0192f000-0000-7000-8000-0000000000a4',
  kind: 'thermometer',
  name: 'Contact thermometer 3',
  offsetSi: 0,
  resolutionSi: 0.1,
  checkedAt: '2026-09-14T07:30:00.000Z',
}
const SCAN_TOOL: Instrument = {
  id: '0192f000-0000-7000-8000-0000000000a5',
  kind: 'scan-tool',
  name: 'Scan tool, cart',
  offsetSi: 'unknown',
  resolutionSi: 1,
}
const TRANSDUCER: Instrument = {
  id: '0192f000-0000-7000-8000-0000000000a6',
  kind: 'pressure-tester',
  name: 'Transducer, 0 to 250 kPa',
  offsetSi: 0,
  resolutionSi: 0.05,
  checkedAt: '2026-10-05T08:40:00.000Z',
}
const INSTRUMENTS = [GAUGE, OLD_GAUGE, CAP_ADAPTER, THERMOMETER, SCAN_TOOL, TRANSDUCER]

const quantity = (kind: QuantityKind, value: number, unit: string, extra: object = {}) => ({
  typed: `${value}`,
  value,
  unit,
  si: toCore(kind, value, unit),
  ...extra,
})
const kPa = (value: number) => quantity('pressure', value, 'kPa')
/** What an instrument shows where this is the truth. */
const readBy = (instrument: Instrument, kind: QuantityKind, truth: number, unit: string) =>
  quantity(
    kind,
    truth + (typeof instrument.offsetSi === 'number' ? instrument.offsetSi : 0),
    unit,
    {
      instrument: instrument.id,
      ...(typeof instrument.offsetSi === 'number'
        ? { instrumentOffsetSi: instrument.offsetSi }
        : {}),
    },
  )

interface Hold {
  at: string
  by?: string
  targetKPa: number
  fall: number
  minutes: number
  every?: number
  level?: 'near-full' | 'low' | 'not-known'
  gauge?: Instrument
  strokes?: number
  marking?: number
  coolant?: [number, number]
  tray?: 'dry' | 'wet' | 'not-looked'
  cylinders?: 'dry' | 'wet' | 'not-looked'
  hiss?: boolean
  plan?: 'usual' | 'strict'
}

class CaseWriter {
  private n = 0
  private readonly records: CaseRecord[] = []
  private readonly events: CaseEvent[] = []
  private clock: number
  constructor(
    private readonly number: number,
    private readonly header: {
      complaint: Complaint
      title: string
      bay?: string
      opened: string
      by?: string
    },
    private readonly vehicle: {
      name: string
      model?: string
      plate: string
      year: number
      kilometres: number
      profile: SystemProfile
    },
  ) {
    this.clock = Date.parse(header.opened)
  }
  private id() {
    return `0193a${String(this.number).padStart(3, '0')}-0000-7000-8000-${(++this.n).toString(16).padStart(12, '0')}`
  }
  private add(
    kind: string,
    data: object,
    options: { at?: string | number; by?: string; supersedes?: string } = {},
  ) {
    this.clock =
      options.at === undefined
        ? this.clock + 20_000
        : typeof options.at === 'number'
          ? options.at
          : Date.parse(options.at)
    const observedAt = new Date(this.clock).toISOString()
    const record = {
      id: this.id(),
      by: options.by ?? this.header.by ?? ILKA,
      observedAt,
      receivedAt: new Date(this.clock + 400).toISOString(),
      clockOffsetMs: 120,
      ...(options.supersedes ? { supersedes: options.supersedes } : {}),
      kind,
      data,
    }
    this.records.push(record as unknown as CaseRecord)
    return record.id
  }
  cautions = () => (
    this.add('cautions.acknowledged', {
      cautions: [
        'never-open-hot',
        'fans-start',
        'marked-pressure',
        'poison',
        'stands',
        'full-cylinder',
        'high-voltage',
      ],
    }),
    this
  )
  answer = (question: string, answer: 'yes' | 'no' | 'not-known') => (
    this.add('interview.answer', { question, answer }),
    this
  )
  loss = (litres: number, per: 'week' | 'month') => (
    this.add('interview.loss', {
      amount: quantity('volume', litres, 'L'),
      per: { time: per === 'week' ? quantity('duration', 1, 'wk') : quantity('duration', 30, 'd') },
    }),
    this
  )
  hours = (hoursPerWeek: number) => (this.add('interview.usage', { hoursPerWeek }), this)
  level = (data: object, at?: string) => (
    this.add('level-and-condition.look', data, at ? { at } : {}),
    this
  )
  look = (part: Part, seen: string, pressed = true, at?: string) => (
    this.add('look-round.part', { part, seen, pressed }, at ? { at } : {}),
    this
  )
  looks = (parts: Part[], seen: string, pressed = true) => (
    parts.forEach((p) => this.look(p, seen, pressed)),
    this
  )
  cap = (at: string, marking: number, opening: number, held: number, extra: object = {}) => (
    this.add(
      'cap.test',
      {
        place: 'tank',
        marking: kPa(marking),
        opening: readBy(CAP_ADAPTER, 'pressure', opening, 'kPa'),
        after60Seconds: readBy(CAP_ADAPTER, 'pressure', held, 'kPa'),
        vacuumValve: 'free',
        seals: 'good',
        fitsPlace: 'right',
        ...extra,
      },
      { at },
    ),
    this
  )
  selfCheck = (at: string, from: number, to: number) => (
    this.add(
      'tester-self-check.test',
      {
        startPressure: kPa(from),
        endPressure: kPa(to),
        durationSeconds: 120,
        resolutionKPa: 1,
        enclosedML: 48,
      },
      { at },
    ),
    this
  )
  hold(h: Hold) {
    const gauge = h.gauge ?? GAUGE
    const step = gauge.resolutionSi!
    const offset = typeof gauge.offsetSi === 'number' ? gauge.offsetSi : 0
    const inPsi = gauge === OLD_GAUGE
    const shown = (truth: number) => {
      const dial = Math.round((truth + offset) / step)
      const extra = { instrument: gauge.id, instrumentOffsetSi: offset }
      return inPsi
        ? quantity('pressure', dial, 'psi', extra)
        : quantity('pressure', dial * step, 'kPa', extra)
    }
    const started = Date.parse(h.at)
    const run = this.add(
      'pressure-hold.start',
      {
        target: shown(h.targetKPa),
        resolutionKPa: step,
        ...(h.strokes ? { strokes: h.strokes, strokeVolumeML: gauge.strokeVolumeML } : {}),
        ...(h.coolant
          ? { coolantAtStart: readBy(THERMOMETER, 'temperature', h.coolant[0], '°C') }
          : {}),
        level: h.level ?? 'near-full',
        capPlace: 'tank',
        capMarking: kPa(h.marking ?? 103),
        plan: h.plan ?? 'usual',
      },
      { at: started, ...(h.by ? { by: h.by } : {}) },
    )
    for (let t = 0; t <= h.minutes * 60 + 1e-9; t += h.every ?? 60) {
      const stretch = 1.6 * Math.exp(-t / 35)
      const truth = h.targetKPa * Math.exp((-h.fall / h.targetKPa) * (t / 60)) - 1.6 + stretch
      this.add(
        'pressure-hold.reading',
        { run, elapsedSeconds: t, pressure: shown(truth) },
        { at: started + t * 1000 + 1000, ...(h.by ? { by: h.by } : {}) },
      )
    }
    if (h.hiss) this.add('pressure-hold.remark', { run, elapsedSeconds: 90, remark: 'hiss-heard' })
    this.add(
      'pressure-hold.end',
      {
        run,
        elapsedSeconds: h.minutes * 60 + 20,
        ...(h.coolant
          ? { coolantAtEnd: readBy(THERMOMETER, 'temperature', h.coolant[1], '°C') }
          : {}),
        tray: h.tray ?? 'dry',
        cylinders: h.cylinders ?? 'not-looked',
      },
      { at: started + h.minutes * 60_000 + 20_000 },
    )
    return this
  }
  record = (kind: string, data: object) => (this.add(kind, data), this)
  /** One run of the starter: plugs in, seconds, rise in kPa; faster with plugs out. */
  crank = (plugged: number[], seconds: number, rise: number) =>
    this.record('cranking-rise.run', {
      plugged,
      seconds,
      crankingRpm: 200 + (4 - plugged.length) * 12,
      before: readBy(TRANSDUCER, 'pressure', 0, 'kPa'),
      after: readBy(TRANSDUCER, 'pressure', rise, 'kPa'),
      staysAfter: 'yes',
      resolutionKPa: 0.1,
      turnedByHandFirst: true,
    })
  event(kind: string, data: object, at: string) {
    this.clock = Date.parse(at)
    this.events.push({
      id: this.id(),
      by: OREN,
      observedAt: new Date(this.clock).toISOString(),
      receivedAt: new Date(this.clock + 400).toISOString(),
      clockOffsetMs: 120,
      kind,
      data,
    } as unknown as CaseEvent)
    return this
  }
  write(name: string) {
    const prefix = `0193a${String(this.number).padStart(3, '0')}-0000-7000-8000-`
    const vehicle = { id: `${prefix}0000000f0001`, ...this.vehicle }
    const file = composeCaseFile(
      {
        case: {
          id: `${prefix}0000000f0002`,
          complaint: this.header.complaint,
          title: this.header.title,
          openedAt: new Date(Date.parse(this.header.opened)).toISOString(),
          openedBy: this.header.by ?? ILKA,
          vehicle: vehicle.id,
          ...(this.header.bay ? { bay: this.header.bay } : {}),
        },
        vehicle,
        site: { elevationMetres: 1300 },
        people: PEOPLE,
        instruments: INSTRUMENTS,
        records: this.records,
        events: this.events,
        attachments: [],
      },
      '2026-11-22T18:00:00.000Z',
    )
    checkCaseFile(JSON.parse(writeCaseFile(file)))
    writeFileSync(join(folder, `${name}.json`), writeCaseFile(readCaseFile(writeCaseFile(file))))
  }
}

const TANK: SystemProfile = {
  thermostatSide: 'outlet',
  thermostatRatingC: 88,
  fan: 'electric-relay',
  vessel: 'pressurised-tank',
  caps: [{ place: 'tank', ratingKPa: 103, vented: false }],
  pumpDrive: 'accessory-belt',
  coolant: 'ethylene-glycol',
  glycolVolumeFraction: 0.5,
  capacityLitres: 9,
  cylinders: 4,
  oilCooler: false,
  transmissionCooler: false,
  egrCooler: false,
  turboCooled: false,
  rearHeater: true,
  heavyDiesel: false,
}
const TRUCK: SystemProfile = {
  ...TANK,
  thermostatSide: 'inlet',
  fan: 'viscous-clutch',
  capacityLitres: 28,
  cylinders: 6,
  oilCooler: true,
  egrCooler: true,
  turboCooled: true,
  rearHeater: false,
  heavyDiesel: true,
  pumpDrive: 'gear',
}

mkdirSync(folder, { recursive: true })

const OUTSIDE: Part[] = [
  'upper-hose',
  'lower-hose',
  'pump',
  'expansion-tank',
  'thermostat',
  'bypass-hose',
  'heater-hoses',
]

new CaseWriter(
  1,
  {
    complaint: 'coolant-loss',
    title: 'about 0.5 L a day, overnight',
    bay: 'Bay 2',
    opened: '2026-11-20T07:40:00Z',
  },
  { name: 'Tarrow 24 minibus', plate: 'KVD 207', year: 2017, kilometres: 214300, profile: TANK },
)
  .cautions()
  .loss(3.5, 'week')
  .hours(12)
  .answer('wet-under', 'yes')
  .answer('lost-parked', 'yes')
  .answer('white-exhaust', 'no')
  .answer('carpet-wet', 'no')
  .answer('pushed-out-hot', 'no')
  .answer('recent-drain', 'no')
  .level(
    { level: 'low', oilInCoolant: 'no', emulsionInOil: 'no', residualPressure: 'none' },
    '2026-11-20T07:50:00Z',
  )
  .cap('2026-11-20T07:58:00Z', 103, 106, 101)
  .selfCheck('2026-11-20T08:03:00Z', 100, 99)
  .hold({
    at: '2026-11-20T08:10:00Z',
    targetKPa: 102,
    fall: 0.95,
    minutes: 12,
    strokes: 34,
    coolant: [11, 11],
    tray: 'wet',
  })
  .look('radiator', 'stained')
  .looks(['upper-hose', 'expansion-tank', 'thermostat', 'pump'], 'dry')
  .look('lower-hose', 'stained')
  .write('01-minibus-radiator-seam')

new CaseWriter(
  2,
  {
    complaint: 'coolant-loss',
    title: 'boils over on the pass, hold was tight',
    bay: 'Bay 1',
    opened: '2026-11-19T09:05:00Z',
  },
  {
    name: 'Grendal S8 salt truck',
    plate: 'SLT 041',
    year: 2014,
    kilometres: 388900,
    profile: TRUCK,
  },
)
  .cautions()
  .loss(1, 'week')
  .hours(25)
  .answer('wet-under', 'no')
  .answer('pushed-out-hot', 'yes')
  .answer('white-exhaust', 'no')
  .answer('hoses-hard-early', 'no')
  .answer('recent-drain', 'no')
  .level(
    { level: 'low', oilInCoolant: 'no', emulsionInOil: 'no', residualPressure: 'none' },
    '2026-11-19T09:20:00Z',
  )
  .selfCheck('2026-11-19T09:24:00Z', 100, 99)
  .hold({
    at: '2026-11-19T09:30:00Z',
    targetKPa: 100,
    fall: 0.02,
    minutes: 10,
    strokes: 70,
    coolant: [9, 9],
    tray: 'dry',
  })
  .cap('2026-11-19T09:50:00Z', 103, 78, 52, { seals: 'damaged' })
  .write('02-salt-truck-weak-cap')

new CaseWriter(
  3,
  {
    complaint: 'coolant-loss',
    title: 'never a drip, white smoke on the climb',
    bay: 'Bay 3',
    opened: '2026-11-18T13:10:00Z',
    by: OREN,
  },
  {
    name: 'Harl Rescue 4',
    model: 'Harl Rescue',
    plate: 'RSC 004',
    year: 2016,
    kilometres: 97100,
    profile: { ...TANK, egrCooler: false, cylinders: 4 },
  },
)
  .cautions()
  .loss(1.5, 'week')
  .hours(8)
  .answer('wet-under', 'no')
  .answer('white-exhaust', 'yes')
  .answer('cold-misfire', 'yes')
  .answer('carpet-wet', 'no')
  .answer('recent-drain', 'no')
  .level(
    { level: 'low', oilInCoolant: 'no', emulsionInOil: 'no', residualPressure: 'some' },
    '2026-11-18T13:20:00Z',
  )
  .cap('2026-11-18T13:26:00Z', 103, 105, 100)
  .selfCheck('2026-11-18T13:30:00Z', 100, 99)
  .hold({
    at: '2026-11-18T13:36:00Z',
    targetKPa: 102,
    fall: 1.3,
    minutes: 12,
    strokes: 36,
    coolant: [14, 14],
    tray: 'dry',
    cylinders: 'wet',
  })
  .looks(['radiator', ...OUTSIDE], 'dry')
  .write('03-rescue-coolant-to-cylinder')

new CaseWriter(
  4,
  {
    complaint: 'coolant-loss',
    title: 'hire customer fills it up every trip',
    opened: '2026-11-16T10:00:00Z',
  },
  { name: 'Wenna 3 hire camper', plate: 'HCA 318', year: 2021, kilometres: 41200, profile: TANK },
)
  .cautions()
  .loss(0.2, 'month')
  .hours(6)
  .answer('wet-under', 'no')
  .answer('filled-above-mark', 'yes')
  .answer('white-exhaust', 'no')
  .answer('pushed-out-hot', 'not-known')
  .answer('carpet-wet', 'no')
  .answer('ac-water', 'no')
  .answer('lost-parked', 'no')
  .level(
    { level: 'overfull', oilInCoolant: 'no', emulsionInOil: 'no', residualPressure: 'none' },
    '2026-11-16T10:12:00Z',
  )
  .cap('2026-11-16T10:18:00Z', 103, 107, 103)
  .selfCheck('2026-11-16T10:22:00Z', 100, 99)
  .hold({
    at: '2026-11-16T10:28:00Z',
    targetKPa: 100,
    fall: 0.01,
    minutes: 15,
    strokes: 33,
    coolant: [15, 15],
    tray: 'dry',
    cylinders: 'dry',
    plan: 'strict',
  })
  .looks(['radiator', ...OUTSIDE], 'dry')
  .event(
    'closed',
    {
      outcome: 'cause-confirmed',
      causes: ['overfilled'],
      words: 'Level steady at the mark after 7 days.',
    },
    '2026-11-23T08:00:00Z',
  )
  .write('04-camper-nothing-wrong')

new CaseWriter(
  5,
  {
    complaint: 'coolant-loss',
    title: 'hose replaced, still loses',
    bay: 'Bay 4',
    opened: '2026-11-17T08:00:00Z',
  },
  { name: 'Tarrow 24 minibus', plate: 'KVD 211', year: 2016, kilometres: 246800, profile: TANK },
)
  .cautions()
  .loss(12, 'week')
  .hours(14)
  .answer('wet-under', 'yes')
  .answer('white-exhaust', 'no')
  .answer('carpet-wet', 'no')
  .level({ level: 'low', oilInCoolant: 'no', emulsionInOil: 'no' }, '2026-11-17T08:10:00Z')
  .cap('2026-11-17T08:16:00Z', 103, 104, 99)
  .selfCheck('2026-11-17T08:20:00Z', 100, 99)
  .hold({
    at: '2026-11-17T08:30:00Z',
    targetKPa: 100,
    fall: 5.2,
    minutes: 5,
    every: 30,
    strokes: 35,
    coolant: [12, 12],
    tray: 'wet',
  })
  .look('lower-hose', 'issuing')
  .event(
    'repaired',
    { faults: ['lower-hose-leak'], work: 'Lower hose and both clamps replaced, refilled.' },
    '2026-11-17T10:30:00Z',
  )
  .hold({
    at: '2026-11-18T07:30:00Z',
    targetKPa: 100,
    fall: 1.1,
    minutes: 12,
    strokes: 33,
    coolant: [10, 10],
    tray: 'wet',
  })
  .look('lower-hose', 'dry')
  .look('thermostat', 'dried-and-wet-again')
  .look('upper-hose', 'dry')
  .look('pump', 'wet')
  .look('bypass-hose', 'dry')
  .write('05-minibus-second-leak')

new CaseWriter(
  6,
  {
    complaint: 'coolant-loss',
    title: 'apprentice’s hold passed, keeper still tops up',
    bay: 'Bay 5',
    opened: '2026-11-21T09:00:00Z',
    by: MAVE,
  },
  {
    name: 'Orlo Kombi ski-lift service van',
    model: 'Orlo Kombi',
    plate: 'LIF 31',
    year: 2013,
    kilometres: 301500,
    profile: { ...TANK, oilCooler: 'unknown', turboCooled: true },
  },
)
  .cautions()
  .loss(1.2, 'week')
  .answer('wet-under', 'not-known')
  .answer('lost-parked', 'not-known')
  .answer('white-exhaust', 'no')
  .level({ level: 'low' }, '2026-11-21T09:12:00Z')
  .hold({
    at: '2026-11-21T09:20:00Z',
    by: MAVE,
    targetKPa: 96,
    fall: 0.02,
    minutes: 16,
    level: 'low',
    gauge: OLD_GAUGE,
    tray: 'not-looked',
  })
  .write('06-lift-van-invalid-pass')

new CaseWriter(
  7,
  {
    complaint: 'overheats',
    title: 'in the queue at the pass gate, fine when moving',
    bay: 'Bay 6',
    opened: '2026-11-22T11:30:00Z',
  },
  { name: 'Wenna 3 hire camper', plate: 'HCA 325', year: 2019, kilometres: 88400, profile: TANK },
)
  .cautions()
  .answer('hot-at-idle', 'yes')
  .answer('hot-at-load', 'no')
  .answer('hot-soon', 'no')
  .answer('ac-weak-idle', 'yes')
  .answer('heater-cold', 'no')
  .answer('recent-drain', 'no')
  .answer('wet-under', 'no')
  .write('07-camper-hot-in-traffic')

new CaseWriter(
  8,
  {
    complaint: 'no-heat',
    title: 'gauge low on every run, driver freezes',
    opened: '2026-11-22T14:00:00Z',
  },
  {
    name: 'Grendal S8 salt truck',
    plate: 'SLT 047',
    year: 2018,
    kilometres: 176000,
    profile: TRUCK,
  },
)
  .cautions()
  .answer('never-warms', 'yes')
  .answer('heater-cold', 'yes')
  .answer('recent-drain', 'no')
  .answer('belt-squeal', 'no')
  .write('08-salt-truck-never-warms')

new CaseWriter(
  9,
  {
    complaint: 'coolant-loss',
    title: 'a litre a week, sweet smell, screen fogs',
    bay: 'Bay 3',
    opened: '2026-11-21T15:20:00Z',
  },
  {
    name: 'Orlo Kombi crew van',
    model: 'Orlo Kombi',
    plate: 'CRW 052',
    year: 2011,
    kilometres: 267000,
    profile: { ...TANK, capacityLitres: 8 },
  },
)
  .cautions()
  .loss(1.2, 'week')
  .hours(10)
  .answer('wet-under', 'no')
  .answer('carpet-wet', 'yes')
  .answer('white-exhaust', 'no')
  .answer('lost-parked', 'not-known')
  .answer('pushed-out-hot', 'no')
  .level(
    { level: 'low', oilInCoolant: 'no', emulsionInOil: 'filler-only', residualPressure: 'none' },
    '2026-11-21T15:30:00Z',
  )
  .cap('2026-11-21T15:36:00Z', 103, 104, 100)
  .selfCheck('2026-11-21T15:40:00Z', 100, 99)
  .hold({
    at: '2026-11-21T15:46:00Z',
    targetKPa: 100,
    fall: 0.8,
    minutes: 14,
    strokes: 32,
    coolant: [16, 16],
    tray: 'dry',
    cylinders: 'dry',
  })
  .looks(['radiator', ...OUTSIDE], 'dry')
  .write('09-crew-van-heater-core')

const celsius = (value: number) => quantity('temperature', value, '°C')
const plugs = (...cylinders: number[]) => cylinders

new CaseWriter(
  10,
  {
    complaint: 'coolant-loss',
    title: 'two puddles, a cup a day',
    bay: 'Bay 7',
    opened: '2026-11-22T07:30:00Z',
  },
  {
    name: 'Tarrow 24 minibus',
    plate: 'KVD 219',
    year: 2015,
    kilometres: 268100,
    profile: {
      ...TANK,
      engineOrientation: 'lengthwise',
      systemRatingKPa: 103,
      figuresFrom: 'Maker’s manual, section cooling',
    },
  },
)
  .cautions()
  .loss(2.4, 'week')
  .hours(13)
  .answer('wet-under', 'yes')
  .answer('lost-parked', 'yes')
  .answer('white-exhaust', 'no')
  .answer('carpet-wet', 'no')
  .answer('pushed-out-hot', 'no')
  .answer('recent-drain', 'no')
  .level(
    { level: 'low', oilInCoolant: 'no', emulsionInOil: 'no', residualPressure: 'none' },
    '2026-11-22T07:40:00Z',
  )
  .record('mix.test', { instrument: 'refractometer', volumeFraction: 0.36, wantedFraction: 0.5 })
  .look('upper-hose', 'dry', false)
  .look('lower-hose', 'dry', false)
  .look('thermostat', 'stained', false)
  .cap('2026-11-22T07:52:00Z', 103, 105, 100)
  .selfCheck('2026-11-22T07:56:00Z', 100, 99)
  .record('clean-and-dry.done', { parts: ['radiator', ...OUTSIDE] })
  .hold({
    at: '2026-11-22T08:05:00Z',
    targetKPa: 102,
    fall: 0.75,
    minutes: 14,
    strokes: 35,
    coolant: [12, 12],
    tray: 'wet',
  })
  .record('leak-trace.trace', {
    drips: [
      { x: 0.5, y: 0.29, perMinute: 5 },
      { x: 0.46, y: 0.24, perMinute: 3 },
      { x: 0.13, y: 0.38, perMinute: 4 },
    ],
    airFlow: false,
    highestWet: 0.85,
    orientation: 'lengthwise',
    places: [
      { place: 'thermostat-flange', seen: 'wet-again' },
      { place: 'weep-hole', seen: 'wet' },
      { place: 'tank-seam', seen: 'issuing' },
      { place: 'upper-hose', seen: 'dry' },
    ],
  })
  .write('10-minibus-two-sources')

new CaseWriter(
  11,
  {
    complaint: 'coolant-loss',
    title: 'uses coolant, shakes when cold, dry below',
    bay: 'Bay 8',
    opened: '2026-11-22T09:00:00Z',
    by: OREN,
  },
  {
    name: 'Harl Rescue 6',
    model: 'Harl Rescue',
    plate: 'RSC 006',
    year: 2015,
    kilometres: 121800,
    profile: { ...TANK, cylinders: 4 },
  },
)
  .cautions()
  .loss(1.8, 'week')
  .hours(9)
  .answer('wet-under', 'no')
  .answer('white-exhaust', 'yes')
  .answer('cold-misfire', 'yes')
  .answer('carpet-wet', 'no')
  .answer('recent-drain', 'no')
  .level(
    { level: 'low', oilInCoolant: 'no', emulsionInOil: 'no', residualPressure: 'some' },
    '2026-11-22T09:10:00Z',
  )
  .cap('2026-11-22T09:16:00Z', 103, 104, 100)
  .selfCheck('2026-11-22T09:20:00Z', 100, 99)
  .hold({
    at: '2026-11-22T09:26:00Z',
    targetKPa: 102,
    fall: 0.9,
    minutes: 13,
    strokes: 34,
    coolant: [13, 13],
    tray: 'dry',
  })
  .looks(['radiator', ...OUTSIDE], 'dry')
  .record('endoscope.look', { cylinder: 2, seen: 'wet', pressed: true })
  .record('endoscope.look', { cylinder: 1, seen: 'dry', pressed: true })
  .crank(plugs(1, 2, 3, 4), 5, 3.1)
  .crank(plugs(1, 2, 4), 5, 1.35)
  .crank(plugs(2), 5, 1.3)
  .crank(plugs(3), 5, 1.75)
  .crank(plugs(1), 5, 0.05)
  .write('11-rescue-two-cylinders')

new CaseWriter(
  12,
  {
    complaint: 'overheats',
    title: 'boils on the pass since the service',
    bay: 'Bay 9',
    opened: '2026-11-22T10:00:00Z',
  },
  {
    name: 'Wenna 3 hire camper',
    plate: 'HCA 331',
    year: 2018,
    kilometres: 102300,
    profile: {
      ...TANK,
      systemRatingKPa: 138,
      caps: [{ place: 'tank', ratingKPa: 90, vented: false }],
    },
  },
)
  .cautions()
  .answer('hot-at-load', 'yes')
  .answer('hot-at-idle', 'no')
  .answer('pushed-out-hot', 'yes')
  .answer('recent-drain', 'yes')
  .answer('white-exhaust', 'no')
  .answer('hoses-hard-early', 'no')
  .level(
    { level: 'low', oilInCoolant: 'no', emulsionInOil: 'no', residualPressure: 'none' },
    '2026-11-22T10:10:00Z',
  )
  .cap('2026-11-22T10:20:00Z', 90, 91, 88, { fitsPlace: 'wrong' })
  .write('12-camper-wrong-cap')

new CaseWriter(
  13,
  {
    complaint: 'overheats',
    title: 'queue at the depot gate, fan never heard',
    bay: 'Bay 10',
    opened: '2026-11-22T12:00:00Z',
    by: MAVE,
  },
  {
    name: 'Orlo Kombi ski-lift service van',
    model: 'Orlo Kombi',
    plate: 'LIF 36',
    year: 2016,
    kilometres: 187200,
    profile: { ...TANK, fan: 'electric-relay', fanOnC: 96, fanOffC: 91 },
  },
)
  .cautions()
  .answer('hot-at-idle', 'yes')
  .answer('hot-at-load', 'no')
  .answer('ac-weak-idle', 'yes')
  .answer('heater-cold', 'no')
  .answer('recent-drain', 'no')
  .record('cold-soak.test', {
    hoursStood: 13,
    coolant: readBy(SCAN_TOOL, 'temperature', 7, '°C'),
    ambient: readBy(THERMOMETER, 'temperature', 6, '°C'),
    intakeAir: readBy(SCAN_TOOL, 'temperature', 7, '°C'),
    wiring: 'steady',
  })
  .record('belt-and-pump.look', {
    pumpTurns: 'yes',
    slip: 'none',
    wobble: 'none',
    routing: 'right',
  })
  .record('look-round.air-side', {
    fins: 'good',
    stack: 'good',
    shroud: 'good',
    blades: 'good',
    duct: 'good',
  })
  .record('fan-circuit.walk', {
    switchingPlace: celsius(99),
    switchesAt: celsius(96),
    batteryVolts: 12.5,
    supplyVolts: 0.3,
    bridged: 'runs',
  })
  .write('13-lift-van-fan-relay')

new CaseWriter(
  14,
  {
    complaint: 'overheats',
    title: 'hot in slow traffic, loaded',
    bay: 'Yard',
    opened: '2026-11-22T13:00:00Z',
  },
  {
    name: 'Grendal S8 salt truck',
    plate: 'SLT 052',
    year: 2012,
    kilometres: 421700,
    profile: { ...TRUCK, pumpDrive: 'accessory-belt' },
  },
)
  .cautions()
  .answer('hot-at-idle', 'yes')
  .answer('hot-at-load', 'no')
  .answer('recent-drain', 'yes')
  .answer('fan-roars', 'no')
  .record('fan-by-hand.test', {
    drag: 'free',
    freeTurns: 6,
    rocking: 'none',
    streaks: 'yes',
    blades: 'good',
  })
  .record('belt-and-pump.look', {
    pumpTurns: 'yes',
    slip: 'none',
    wobble: 'none',
    routing: 'right',
  })
  .record('vacuum-decay.test', { drawn: kPa(-82), end: kPa(-81), minutes: 10 })
  .record('cooler-test.test', { which: 'oil-cooler', result: 'tight' })
  .record('cylinder-leakage.test', { cylinder: 1, leakPercent: 8, bubblesInNeck: 'no' })
  .write('14-salt-truck-clutch')
