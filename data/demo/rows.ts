import type { Instrument } from '#core'
import { z } from 'zod'
import { kPa, quantity, shownBy } from '../tell/quantities'
import { warmUpRow } from '../stories/warm-up'
import { OUTSIDE_PARTS, recordRow, row, type Row, type Rows } from '../tell/rows'

type Instruments = Readonly<Record<string, Instrument>>

const HOLD = z.strictObject({
  targetKPa: z.number(),
  fallKPaPerMinute: z.number(),
  minutes: z.number(),
  everySeconds: z.number().default(60),
  level: z.string().default('near-full'),
  gauge: z.string().default('tester'),
  strokes: z.number().optional(),
  /** at its start and at its end */
  coolantC: z.tuple([z.number(), z.number()]).optional(),
  tray: z.string().default('dry'),
  cylinders: z.string().default('not-known'),
  plan: z.string().default('usual'),
})
type Hold = z.infer<typeof HOLD>

/** The pressure that is true after so long: hoses stretch first, and the leak takes the rest by its law. */
function trueKPa({ targetKPa, fallKPaPerMinute }: Hold, seconds: number): number {
  const stretch = 1.6 * Math.exp(-seconds / 35)
  return targetKPa * Math.exp((-fallKPaPerMinute / targetKPa) * (seconds / 60)) - 1.6 + stretch
}

/** Each hold is the reading of a dial, with its step and offset; nothing else is put in by hand. */
function holdRow(instruments: Instruments): Row {
  const dialOf = (name: string) => {
    const gauge = instruments[name]
    if (gauge?.resolutionInCoreUnit === undefined)
      throw new Error(`${name} is no gauge with a step`)
    const offset = typeof gauge.offsetInCoreUnit === 'number' ? gauge.offsetInCoreUnit : 0
    const step = gauge.resolutionInCoreUnit
    const shown = (truth: number) => {
      const steps = Math.round((truth + offset) / step)
      const more = { instrument: gauge.id, instrumentOffsetInCoreUnit: offset }
      return name === 'old-tester'
        ? quantity('pressure', steps, 'psi', more)
        : quantity('pressure', steps * step, 'kPa', more)
    }
    return { step, shown, strokeVolumeML: gauge.strokeVolumeML }
  }
  return row(HOLD, (t, hold, { atMs, by }) => {
    if (atMs === undefined) throw new Error('a hold needs its time')
    const { step, shown, strokeVolumeML } = dialOf(hold.gauge)
    const coolant = (which: 0 | 1, field: string) =>
      hold.coolantC && instruments.thermometer
        ? {
            [field]: shownBy(instruments.thermometer, 'temperature', hold.coolantC[which], '°C'),
          }
        : {}
    const who = by ? { by } : {}
    const run = t.record(
      'pressure-hold.start',
      {
        target: shown(hold.targetKPa),
        resolutionKPa: step,
        ...(hold.strokes ? { strokes: hold.strokes, strokeVolumeML } : {}),
        ...coolant(0, 'coolantAtStart'),
        level: hold.level,
        capPlace: 'tank',
        capMarking: kPa(103),
        plan: hold.plan,
      },
      { atMs, ...who },
    )
    for (let s = 0; s <= hold.minutes * 60 + 1e-9; s += hold.everySeconds)
      t.record(
        'pressure-hold.reading',
        { run, elapsedSeconds: s, pressure: shown(trueKPa(hold, s)) },
        { atMs: atMs + s * 1000 + 1000, ...who },
      )
    t.record(
      'pressure-hold.end',
      {
        run,
        elapsedSeconds: hold.minutes * 60 + 20,
        ...coolant(1, 'coolantAtEnd'),
        tray: hold.tray,
        cylinders: hold.cylinders,
      },
      { atMs: atMs + hold.minutes * 60_000 + 20_000 },
    )
  })
}

/** One run of the starter: plugs in, rise in kPa; faster with plugs out. */
const CRANK = z.strictObject({ plugged: z.array(z.number()), riseKPa: z.number() })
const crankRow = (instruments: Instruments): Row =>
  row(CRANK, (t, { plugged, riseKPa }) => {
    const { transducer } = instruments
    if (!transducer) throw new Error('the transducer is missing')
    t.record('cranking-rise.run', {
      plugged,
      seconds: 5,
      crankingRpm: 200 + (4 - plugged.length) * 12,
      before: shownBy(transducer, 'pressure', 0, 'kPa'),
      after: shownBy(transducer, 'pressure', riseKPa, 'kPa'),
      staysAfter: 'yes',
      resolutionKPa: 0.1,
      turnedByHandFirst: true,
    })
  })

/** Rows of the demo cases beyond the common ones. */
export const demoRows = (instruments: Instruments): Rows => ({
  cautions: recordRow('cautions.acknowledged', {
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
  allDry: (t) => {
    for (const part of ['radiator', ...OUTSIDE_PARTS])
      t.record('look-round.part', { part, seen: 'dry', pressed: true })
  },
  cap: recordRow('cap.test', {
    place: 'tank',
    vacuumValve: 'free',
    seals: 'good',
    fitsPlace: 'right',
  }),
  selfCheck: recordRow('tester-self-check.test', {
    durationSeconds: 120,
    resolutionKPa: 1,
    enclosedML: 48,
  }),
  hold: holdRow(instruments),
  crank: crankRow(instruments),
  warmUp: warmUpRow,
})
