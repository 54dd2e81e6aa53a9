import {
  type CaseEvent,
  type CaseFile,
  type CaseRecord,
  checkCaseFile,
  type Complaint,
  composeCaseFile,
  type Part,
  type QuantityKind,
  type RecordData,
  type RecordKind,
  type SystemProfile,
  toCore,
} from '#core'

/** A story: what is true of the vehicle, why, and what the technician wrote down. */
export interface Story {
  id: string
  title: string
  complaint: Complaint
  profile: keyof typeof PROFILES
  causes: string[]
  reason: string
  tell: (t: Teller) => void
}

const base = {
  coolant: 'ethylene-glycol',
  glycolVolumeFraction: 0.5,
  oilCooler: false,
  transmissionCooler: false,
  egrCooler: false,
  turboCooled: false,
  rearHeater: false,
  heavyDiesel: false,
  heatModule: false,
  heaterValve: false,
  auxHeaterPump: false,
  mapThermostat: false,
  switchablePump: false,
  electroViscous: false,
  grilleShutter: false,
} as const

/** Vehicles of the depot, all invented. */
export const PROFILES = {
  minibus: {
    ...base,
    thermostatSide: 'outlet',
    thermostatRatingC: 88,
    fan: 'electric-relay',
    vessel: 'pressurised-tank',
    caps: [{ place: 'tank', ratingKPa: 100 }],
    pumpDrive: 'accessory-belt',
    capacityLitres: 9,
    cylinders: 4,
  },
  truck: {
    ...base,
    thermostatSide: 'inlet',
    thermostatRatingC: 83,
    fan: 'viscous-clutch',
    vessel: 'pressurised-tank',
    caps: [{ place: 'tank', ratingKPa: 90 }],
    pumpDrive: 'gear',
    capacityLitres: 28,
    cylinders: 6,
    heavyDiesel: true,
    oilCooler: true,
    egrCooler: true,
    turboCooled: true,
  },
  rescue: {
    ...base,
    thermostatSide: 'outlet',
    thermostatRatingC: 95,
    fan: 'electric-module',
    vessel: 'pressurised-tank',
    caps: [{ place: 'tank', ratingKPa: 140 }],
    pumpDrive: 'electric',
    capacityLitres: 10,
    cylinders: 4,
    heatModule: true,
    auxHeaterPump: true,
    grilleShutter: true,
    turboCooled: true,
  },
  camper: {
    ...base,
    thermostatSide: 'outlet',
    thermostatRatingC: 82,
    fan: 'thermo-switch',
    vessel: 'overflow-bottle',
    caps: [{ place: 'radiator-neck', ratingKPa: 90 }],
    pumpDrive: 'timing-belt',
    capacityLitres: 12,
    cylinders: 4,
    heaterValve: true,
    rearHeater: true,
  },
  oldTruck: {
    ...base,
    thermostatSide: 'outlet',
    thermostatRatingC: 82,
    fan: 'viscous-clutch',
    vessel: 'overflow-bottle',
    caps: [{ place: 'radiator-neck', ratingKPa: 70 }],
    pumpDrive: 'accessory-belt',
    capacityLitres: 16,
    cylinders: 6,
  },
  van: {
    ...base,
    thermostatSide: 'outlet',
    thermostatRatingC: 97,
    fan: 'electric-module',
    vessel: 'pressurised-tank',
    caps: [{ place: 'tank', ratingKPa: 140 }],
    pumpDrive: 'accessory-belt',
    capacityLitres: 8,
    cylinders: 4,
    mapThermostat: true,
    switchablePump: true,
    transmissionCooler: true,
    oilCooler: true,
  },
  plough: {
    ...base,
    thermostatSide: 'inlet',
    thermostatRatingC: 85,
    fan: 'viscous-clutch',
    vessel: 'pressurised-tank',
    caps: [{ place: 'tank', ratingKPa: 110 }],
    pumpDrive: 'accessory-belt',
    capacityLitres: 18,
    cylinders: 5,
    electroViscous: true,
    turboCooled: true,
    egrCooler: true,
  },
} satisfies Record<string, SystemProfile>

const NAMES: Readonly<Record<keyof typeof PROFILES, string>> = {
  minibus: 'Minibus',
  truck: 'Salt spreader',
  rescue: 'Rescue vehicle',
  camper: 'Hire camper',
  oldTruck: 'Old tipper',
  van: 'Workshop van',
  plough: 'Snow plough',
}

const PERSON = '0192f000-0000-7000-8000-000000000001'
const START = Date.parse('2026-09-01T07:00:00.000Z')

export const quantity = (kind: QuantityKind, value: number, unit: string) => ({
  typed: `${value}`,
  value,
  unit,
  si: toCore(kind, value, unit),
})
export const celsius = (value: number) => quantity('temperature', value, '°C')
export const kPa = (value: number) => quantity('pressure', value, 'kPa')

/** A small repeatable disturbance, −1 to 1. */
const wobble = (i: number) => ((((Math.sin(i * 12.9898) * 43758.5453) % 1) + 1) % 1) * 2 - 1

interface Hold {
  fall: number
  minutes?: number
  tray?: 'dry' | 'wet' | 'not-looked'
  cylinders?: 'dry' | 'wet'
  level?: 'near-full' | 'low' | 'not-known'
  engine?: 'hot'
  isolated?: ('heater-core' | 'coolers')[]
  hiss?: boolean
  target?: number
}

interface Run {
  /** engine temperature at which the radiator side warms; absent: never */
  opens?: number
  fromStart?: boolean
  /** where it settles; default a little above the opening */
  plateau?: number
  overshoot?: number
  wander?: number
  minutes?: number
  /** scan reads this much away from the truth */
  scanBias?: number
  /** the gun is read in Fahrenheit and written down as Celsius */
  gunInFahrenheit?: boolean
  dash?: number
  fanOn?: number[]
  ac?: 'on' | 'off' | 'not-fitted'
  level?: 'full' | 'low' | 'not-known'
  surface?: 'painted-or-taped' | 'bare-metal' | 'not-said'
  gun?: boolean
}

/** Writes down what a technician saw and measured, in the order told. */
export class Teller {
  readonly records: CaseRecord[] = []
  readonly events: CaseEvent[] = []
  private n = 0
  private clock = START
  constructor(private readonly number: number) {}

  private id() {
    return `0194${String(this.number).padStart(4, '0')}-0000-7000-8000-${(++this.n).toString(16).padStart(12, '0')}`
  }
  private stamp() {
    this.clock += 60_000
    return new Date(this.clock).toISOString()
  }
  /** one record of any kind; its id is given back */
  rec<K extends RecordKind>(kind: K, data: RecordData<K>): string {
    const id = this.id()
    this.records.push({
      id,
      by: PERSON,
      observedAt: this.stamp(),
      kind,
      data,
    } as unknown as CaseRecord)
    return id
  }
  event(kind: CaseEvent['kind'], data: object) {
    this.events.push({
      id: this.id(),
      by: PERSON,
      observedAt: this.stamp(),
      kind,
      data,
    } as unknown as CaseEvent)
  }
  yes(...questions: string[]) {
    for (const question of questions) this.rec('interview.answer', { question, answer: 'yes' })
  }
  no(...questions: string[]) {
    for (const question of questions) this.rec('interview.answer', { question, answer: 'no' })
  }
  loses(litresAWeek: number) {
    this.rec('interview.loss', {
      amount: quantity('volume', litresAWeek, 'L'),
      per: { time: quantity('duration', 1, 'wk') },
    } as RecordData<'interview.loss'>)
  }
  level(data: RecordData<'level-and-condition.look'>) {
    this.rec('level-and-condition.look', data)
  }
  dry(...parts: Part[]) {
    for (const part of parts) this.rec('look-round.part', { part, seen: 'dry', pressed: true })
  }
  see(part: Part, seen: RecordData<'look-round.part'>['seen'], pressed = true) {
    this.rec('look-round.part', { part, seen, pressed })
  }
  air(data: RecordData<'look-round.air-side'>) {
    this.rec('look-round.air-side', data)
  }
  cap(
    place: 'tank' | 'radiator-neck',
    marking: number,
    opening: number,
    held: number,
    more: Partial<RecordData<'cap.test'>> = {},
  ) {
    this.rec('cap.test', {
      place,
      marking: kPa(marking),
      opening: kPa(opening),
      after60Seconds: kPa(held),
      vacuumValve: 'free',
      seals: 'good',
      fitsPlace: 'right',
      ...more,
    } as RecordData<'cap.test'>)
  }
  goodCap() {
    this.cap('tank', 100, 103, 98)
  }
  hold({
    fall,
    minutes = 15,
    tray = 'dry',
    cylinders,
    level = 'near-full',
    engine,
    isolated,
    hiss,
    target = 90,
  }: Hold) {
    const run = this.rec('pressure-hold.start', {
      target: kPa(target),
      resolutionKPa: 1,
      strokes: 14,
      strokeVolumeML: 40,
      coolantAtStart: celsius(engine ? 85 : 21),
      level,
      capPlace: 'tank',
      capMarking: kPa(100),
      plan: 'usual',
      ...(engine ? { engine } : {}),
      ...(isolated ? { isolated } : {}),
    } as RecordData<'pressure-hold.start'>)
    for (let minute = 0; minute <= minutes; minute++) {
      const now =
        target * Math.exp((-fall / target) * Math.max(0, minute - 0.5)) - (minute > 0 ? 1.5 : 0)
      this.rec('pressure-hold.reading', {
        run,
        elapsedSeconds: minute * 60,
        pressure: kPa(Math.max(0, Math.round(now))),
      } as RecordData<'pressure-hold.reading'>)
    }
    if (hiss) this.rec('pressure-hold.remark', { run, elapsedSeconds: 90, remark: 'hiss-heard' })
    this.rec('pressure-hold.end', {
      run,
      elapsedSeconds: minutes * 60,
      coolantAtEnd: celsius(engine ? 85 : 21),
      tray,
      ...(cylinders ? { cylinders } : {}),
    } as RecordData<'pressure-hold.end'>)
  }
  trace(...places: [string, 'issuing' | 'wet-again' | 'wet' | 'dry'][]) {
    this.rec('leak-trace.trace', {
      drips: [{ x: 0.4, y: 0.5, perMinute: 6 }],
      airFlow: false,
      places: places.map(([place, seen]) => ({ place, seen })),
    })
  }
  /** a warm-up run: engine and hose temperatures follow the story, instruments are read off them */
  run({
    opens,
    fromStart,
    plateau,
    overshoot = 0,
    wander = 0,
    minutes = 22,
    scanBias = 0,
    gunInFahrenheit,
    dash,
    fanOn,
    ac = 'off',
    level = 'full',
    surface = 'painted-or-taped',
    gun = true,
  }: Run) {
    const run = this.rec('warm-up-run.start', {
      ambient: celsius(15),
      airConditioning: ac,
      fanWatched: fanOn !== undefined,
      level,
      surface,
    } as RecordData<'warm-up-run.start'>)
    const seconds: number[] = []
    const engine: number[] = []
    const hose: number[] = []
    let e = 15
    let h = 15
    let openedAt = -1
    const settle = plateau ?? (opens === undefined ? 112 : opens + 2)
    for (let s = 0; s <= minutes * 60; s += 10) {
      seconds.push(s)
      engine.push(e + wander * Math.sin(s / 70) * (e > 60 ? 1 : 0) + 0.3 * wobble(s))
      hose.push(h + 0.4 * wobble(s + 1))
      const open = fromStart || (opens !== undefined && (openedAt >= 0 || e >= opens + overshoot))
      if (open && openedAt < 0) openedAt = s
      const heating = 0.75 * (fromStart ? 0.6 : 1)
      e += open ? Math.min(heating, (settle - e) * 0.03) : e < 113 ? heating : 0.02
      h += open ? ((e - 7 - h) * 10) / 60 : (e - h) * 0.0006
    }
    const round = (list: number[], by: number) => list.map((v) => Math.round(v / by) * by)
    this.rec('warm-up-run.trace', {
      run,
      channel: 'scan-coolant',
      seconds,
      values: round(
        engine.map((v) => v + scanBias),
        1,
      ),
      from: 'scan log',
    })
    this.rec('warm-up-run.trace', {
      run,
      channel: 'radiator-side-hose',
      seconds,
      values: round(hose, 0.5),
    })
    if (gun)
      for (const i of [30, 60, 90, 120].filter((x) => x < engine.length))
        this.rec('warm-up-run.reading', {
          run,
          elapsedSeconds: seconds[i]!,
          channel: 'infrared-engine',
          reading: celsius(
            Math.round(gunInFahrenheit ? (engine[i]! * 9) / 5 + 32 : engine[i]! - 2),
          ),
        } as RecordData<'warm-up-run.reading'>)
    if (dash !== undefined)
      for (const i of [70, 100])
        if (i < engine.length)
          this.rec('warm-up-run.reading', {
            run,
            elapsedSeconds: seconds[i]!,
            channel: 'dash',
            reading: celsius(dash),
          } as RecordData<'warm-up-run.reading'>)
    for (const on of fanOn ?? []) {
      this.rec('warm-up-run.mark', { run, elapsedSeconds: on, mark: 'fan-on' })
      this.rec('warm-up-run.mark', { run, elapsedSeconds: on + 60, mark: 'fan-off' })
    }
    if (opens !== undefined && openedAt >= 0 && !fromStart)
      this.rec('warm-up-run.mark', { run, elapsedSeconds: openedAt, mark: 'opened' })
  }
  gas(
    colour: 'changed' | 'doubtful' | 'same',
    valid = true,
    more: Partial<RecordData<'chemical-gas-test.test'>> = {},
  ) {
    this.rec('chemical-gas-test.test', {
      engine: celsius(valid ? 92 : 60),
      thermostatOpen: valid ? 'shown' : 'not-known',
      levelLowered: valid ? 'yes' : 'no',
      drawnMinutes: valid ? 4 : 1,
      colour,
      fluid: valid ? 'fresh' : 'old',
      load: 'idle',
      spoilt: 'no',
      funnelFittedCold: 'yes',
      ...more,
    } as RecordData<'chemical-gas-test.test'>)
  }
  crank(plugged: number[], rise: number, seconds = 5) {
    this.rec('cranking-rise.run', {
      plugged,
      seconds,
      crankingRpm: 220,
      before: kPa(0),
      after: kPa(rise),
      staysAfter: 'yes',
      resolutionKPa: 0.1,
      turnedByHandFirst: true,
    } as RecordData<'cranking-rise.run'>)
  }
  heater(
    inlet: number,
    outlet: number,
    more: Partial<RecordData<'heater.test'>> & { vents?: [number, number]; engineC?: number } = {},
  ) {
    const { vents, engineC = 88, ...rest } = more
    this.rec('heater.test', {
      inlet: celsius(inlet),
      outlet: celsius(outlet),
      ...(vents ? { ventLeft: celsius(vents[0]), ventRight: celsius(vents[1]) } : {}),
      engine: celsius(engineC),
      engineRpm: 2000,
      level: 'full',
      setting: 'full-hot',
      air: 'strong',
      direction: 'right',
      ...rest,
    } as RecordData<'heater.test'>)
  }
  survey(
    inlet: number,
    outlet: number,
    cold: 'none' | 'patches' | undefined,
    more: Partial<RecordData<'radiator-survey.grid'>> & { engineC?: number } = {},
  ) {
    const { engineC = 95, ...rest } = more
    const grid = (rows: number, columns: number) =>
      Array.from({ length: rows }, (_, r) =>
        Array.from({ length: columns }, (_, c) =>
          Math.round(
            inlet -
              ((inlet - outlet) * r) / rows -
              (cold === 'patches' && c >= 2 && c <= 4 && r >= 2 ? 22 : 0) +
              wobble(r * 7 + c),
          ),
        ),
      )
    this.rec('radiator-survey.grid', {
      inlet: celsius(inlet),
      outlet: celsius(outlet),
      ...(cold ? { gridC: grid(6, 8) } : {}),
      thermostatOpen: 'shown',
      pumpDelivers: 'shown',
      fan: 'off',
      engine: celsius(engineC),
      ...rest,
    } as RecordData<'radiator-survey.grid'>)
  }
  drive(
    ...segments: [
      RecordData<'load-run.run'>['segments'][number]['kind'],
      number,
      number,
      ('beyond' | 'within')?,
    ][]
  ) {
    this.rec('load-run.run', {
      ambient: celsius(24),
      segments: segments.map(([kind, meanC, maxC, load]) => ({
        kind,
        minutes: 10,
        meanC,
        maxC,
        airConditioning: 'off',
        heater: 'off',
        load: load ?? 'within',
      })),
      coolsWithAirConditioningOff: 'not-tried',
      coolsWithHeaterOn: 'not-tried',
    } as RecordData<'load-run.run'>)
  }
  fanWatch(
    ran: 'yes' | 'no' | 'always',
    placeC: number,
    ac: 'off' | 'on' = 'off',
    more: Partial<RecordData<'fan-in-action.watch'>> = {},
  ) {
    this.rec('fan-in-action.watch', {
      airConditioning: ac,
      ran,
      switchingPlace: celsius(placeC),
      shouldStartAt: celsius(97),
      coolsWhenOn: 'not-known',
      speeds: 'not-known',
      ...(ran === 'yes' && ac === 'off' ? { startedAt: celsius(placeC) } : {}),
      ...more,
    } as RecordData<'fan-in-action.watch'>)
  }
  circuit(data: Partial<RecordData<'fan-circuit.walk'>>) {
    this.rec('fan-circuit.walk', { batteryVolts: 12.6, ...data } as RecordData<'fan-circuit.walk'>)
  }
  device(
    device: RecordData<'actuators.test'>['device'],
    commandedPercent: number,
    actualPercent: number | 'none',
    more: Partial<RecordData<'actuators.test'>> = {},
  ) {
    this.rec('actuators.test', {
      device,
      commandedPercent,
      actualPercent,
      calibrated: 'not-applicable',
      highVoltageLoopIdentified: 'not-applicable',
      ...more,
    })
  }
  drivesWell() {
    this.rec('belt-and-pump.look', {
      pumpTurns: 'yes',
      slip: 'none',
      wobble: 'none',
      routing: 'right',
    })
  }
}

/** The case file of a story; the cause and the reason stand in its closing event. */
export function writeStory(story: Story, number: number): CaseFile {
  const teller = new Teller(number)
  story.tell(teller)
  teller.event('closed', {
    outcome: story.causes.length > 0 ? 'cause-confirmed' : 'not-found',
    causes: story.causes,
    words: story.reason,
  })
  const vehicle = `0194${String(number).padStart(4, '0')}-0000-7000-8000-00000000aaaa`
  const openedAt = new Date(START).toISOString()
  return checkCaseFile(
    composeCaseFile(
      {
        case: {
          id: `0194${String(number).padStart(4, '0')}-0000-7000-8000-00000000cccc`,
          complaint: story.complaint,
          title: story.title,
          openedAt,
          openedBy: PERSON,
          vehicle,
        },
        vehicle: {
          id: vehicle,
          name: NAMES[story.profile],
          profile: structuredClone(PROFILES[story.profile]) as SystemProfile,
        },
        site: { elevationMetres: 1300 },
        people: [{ id: PERSON, name: 'Ilka Brandt' }],
        instruments: [],
        records: teller.records,
        events: teller.events,
        attachments: [],
      },
      openedAt,
    ),
  )
}
