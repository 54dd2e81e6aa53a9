import { describe, expect, it } from 'vitest'
import { CONTEXT, records, speaksFor } from '../check.fixture'
import { analyseWarmUp, type WarmUpAnalysis } from './analysis'
import { warmUpRunCheck } from './check'
import type { WarmUpMark } from './record'
import type { RunSeries, Series } from './series'
import { warmUpSigns } from './signs'

/** A channel that goes straight from corner to corner, read every ten seconds. */
function line(...corners: [seconds: number, value: number][]): Series {
  const x: number[] = []
  const y: number[] = []
  for (let i = 1; i < corners.length; i++) {
    const [[from, low], [to, high]] = [corners[i - 1]!, corners[i]!]
    for (let s = from; s < to; s += 10) {
      x.push(s)
      y.push(low + ((high - low) * (s - from)) / (to - from))
    }
  }
  const [last, value] = corners.at(-1)!
  return { x: [...x, last], y: [...y, value] }
}
const mark = (elapsedSeconds: number, kind: WarmUpMark['mark']) =>
  ({ run: 'r', elapsedSeconds, mark: kind }) as WarmUpMark
const analysed = (series: RunSeries, marks: WarmUpMark[] = [], profile = CONTEXT.profile) =>
  analyseWarmUp(series, marks, { ...CONTEXT, profile })

/** Engine to 90 °C in fifteen minutes, and steady there until half an hour. */
const ENGINE = line([0, 15], [900, 90], [1800, 90])
/** Its radiator side, cold until this moment. */
const hose = (opens: number, coldC = 15) =>
  line([0, 15], [opens, coldC], [opens + 120, 80], [1800, 82])
const START = {
  run: 'r',
  airConditioning: 'off',
  fanWatched: true,
  level: 'full',
  surface: 'painted-or-taped',
} as const

describe('how fast it warms', () => {
  it('is the slope until 60 °C, whatever follows', () => {
    expect(analysed({ 'scan-coolant': ENGINE }).warmUpKPerMinute).toBeCloseTo(5, 1)
    const slowLater = line([0, 15], [540, 60], [1800, 75])
    expect(analysed({ 'scan-coolant': slowLater }).warmUpKPerMinute).toBeCloseTo(5, 1)
  })

  it('is not said of an engine that began warm', () => {
    expect(analysed({ 'scan-coolant': line([0, 70], [600, 90]) }).warmUpKPerMinute).toBeUndefined()
  })
})

describe('when the thermostat opened', () => {
  it('is the bend of the hose on its side, with the engine as it was then', () => {
    const { opening, openFromStart, neverOpened } = analysed({
      'scan-coolant': ENGINE,
      'radiator-side-hose': hose(880),
    })
    expect([openFromStart, neverOpened]).toEqual([false, false])
    expect(opening!.basis).toBe('hose')
    expect(Math.abs(opening!.seconds - 880)).toBeLessThan(30)
    expect(opening!.offRatingK).toBeCloseTo(opening!.engineC - 88, 6)
  })

  it('is a mark where one was made, fifteen seconds either way', () => {
    const { opening } = analysed({ 'scan-coolant': ENGINE, 'radiator-side-hose': hose(700) }, [
      mark(876, 'opened'),
    ])
    expect(opening).toMatchObject({ seconds: 876, low: 861, high: 891, basis: 'mark' })
    expect(opening!.engineC).toBeCloseTo(88, 1)
  })

  it('never, only where the engine passed the rating by more than 6 °C and the hose stayed cold', () => {
    const cold = line([0, 15], [1800, 20])
    const engine = (top: number) => line([0, 15], [900, top], [1800, top])
    const never = (top: number) =>
      analysed({ 'scan-coolant': engine(top), 'radiator-side-hose': cold }).neverOpened
    expect([never(94), never(95)]).toEqual([false, true])
    expect(
      analysed({ 'scan-coolant': engine(95), 'radiator-side-hose': hose(900) }).neverOpened,
    ).toBe(false)
  })

  it('from the start, where the hose is warm long before the rating', () => {
    const from = (opens: number) =>
      analysed({ 'scan-coolant': ENGINE, 'radiator-side-hose': hose(opens) }).openFromStart
    expect([from(200), from(800)]).toEqual([true, false])
  })

  it('is not said of a hose with fewer than four readings, or of one that fell', () => {
    const few = { x: [0, 900, 1800], y: [15, 20, 80] }
    expect(analysed({ 'scan-coolant': ENGINE, 'radiator-side-hose': few }).opening).toBeUndefined()
    const falling = line([0, 60], [1800, 30])
    expect(
      analysed({ 'scan-coolant': ENGINE, 'radiator-side-hose': falling }).opening,
    ).toBeUndefined()
  })

  it('lies higher on the inlet side, and is told from the rating only where that is known', () => {
    const series = { 'scan-coolant': ENGINE, 'radiator-side-hose': hose(880) }
    const at = (thermostatSide: 'inlet' | 'not-known') =>
      analysed(series, [], { ...CONTEXT.profile, thermostatSide }).opening!.expectedK
    expect([at('inlet'), at('not-known')]).toEqual([8.5, 4])
    const { opening, ratingC } = analysed(series, [], { thermostatSide: 'outlet' })
    expect([opening!.offRatingK, ratingC]).toEqual([undefined, undefined])
  })
})

describe('where it settles', () => {
  it('is the middle of the last third, once it has run for five minutes and moves no more', () => {
    const a = analysed({ 'scan-coolant': ENGINE })
    expect([a.plateauC, a.plateauBelowRatingK]).toEqual([90, -2])
    const short = line([0, 15], [100, 90], [300, 90])
    expect(analysed({ 'scan-coolant': short }).plateauC).toBeUndefined()
    expect(analysed({ 'scan-coolant': line([0, 15], [1800, 90]) }).plateauC).toBeUndefined()
  })

  it('is not said of a last third of under a minute and a half', () => {
    const brief = line([0, 15], [150, 90], [240, 90])
    expect(analysed({ 'scan-coolant': brief }).wanderK).toBeUndefined()
    expect(analysed({ 'scan-coolant': ENGINE }).wanderK).toBe(0)
  })

  it('wander is what is left beside a trend', () => {
    const drifting = line([0, 15], [900, 90], [1800, 93])
    expect(analysed({ 'scan-coolant': drifting }).wanderK).toBeLessThan(0.3)
    const x = ENGINE.x
    const y = ENGINE.y.map((c, i) => (x[i]! < 900 ? c : c + 5 * Math.sin(x[i]! / 60)))
    expect(analysed({ 'scan-coolant': { x, y } }).wanderK).toBeGreaterThan(3)
  })

  it('an overshoot is how far it went beyond, before it came down', () => {
    const over = line([0, 15], [900, 99], [1000, 90], [1800, 90])
    expect(analysed({ 'scan-coolant': over }).overshootK).toBeCloseTo(9, 1)
    expect(analysed({ 'scan-coolant': ENGINE }).overshootK ?? 0).toBe(0)
  })
})

describe('the fan', () => {
  /** Up by 3 °C a minute, and down by 6 while the fan runs. */
  const cycling = line([0, 40], [1200, 100], [1260, 94], [1380, 100], [1440, 94], [1560, 100])
  const marks = [
    mark(1200, 'fan-on'),
    mark(1260, 'fan-off'),
    mark(1380, 'fan-on'),
    mark(1440, 'fan-off'),
  ]
  const of = (list: WarmUpMark[], engine = cycling) =>
    analysed({ 'scan-coolant': engine }, list).fan

  it('is told by where it starts and stops, how often, and for what share', () => {
    const fan = of(marks)
    expect(fan.onC).toBeCloseTo(100, 0)
    expect(fan.hysteresisK).toBeCloseTo(6, 0)
    expect(fan.cycleSeconds).toBe(180)
    expect(fan.duty).toBeCloseTo(60 / 180, 6)
    expect(fan.cycles.map((c) => c.cools)).toEqual([true, true])
  })

  it('marks in any order tell the same, and a second "on" while it runs is no new start', () => {
    expect(of(marks.toReversed())).toEqual(of(marks))
    expect(of([marks[0]!, mark(1230, 'fan-on'), ...marks.slice(1)])).toEqual(of(marks))
    expect(of([mark(1100, 'fan-off'), ...marks])).toEqual(of(marks))
  })

  it('that was not seen to stop has no hysteresis, and one start no rhythm', () => {
    const once = of(marks.slice(0, 1))
    expect([once.hysteresisK, once.cycleSeconds, once.duty]).toEqual([
      undefined,
      undefined,
      undefined,
    ])
    expect(of([]).onC).toBeUndefined()
  })

  it('cools where the temperature falls, and faster than before it came on', () => {
    const rising = line([0, 40], [1200, 100], [1560, 106])
    expect(of(marks.slice(0, 2), rising).cycles[0]!.cools).toBe(false)
    const fallingAnyway = line([0, 40], [900, 100], [1200, 70], [1560, 60])
    expect(of(marks.slice(0, 2), fallingAnyway).cycles[0]!.cools).toBe(false)
    expect(of([mark(1550, 'fan-on')]).cycles[0]).not.toHaveProperty('cools')
  })

  it('on late speaks for a late switch, in time against it', () => {
    const signs = (onC: number) =>
      warmUpSigns('r', START, { ...analysed({}), fan: { cycles: [], onC } } as WarmUpAnalysis)
    expect(speaksFor(signs(116), 'fan-late', 'late', 'on-time')).toBeGreaterThan(0.8)
    expect(speaksFor(signs(98), 'fan-late', 'late', 'on-time')).toBeLessThan(-0.8)
    expect(signs(98)[0]!.likelihood['on-time']).toBeCloseTo(
      0.95 * (1 - 1 / (1 + Math.exp(4.4))) + 0.01,
      6,
    )
  })

  it('that never came on says so the more the hotter it was, and nothing up to 100 °C', () => {
    const signs = (hottestC: number, start: object = {}) =>
      warmUpSigns('r', { ...START, ...start }, { ...analysed({}), hottestC })
    expect(signs(100)).toEqual([])
    expect(signs(112)[0]!.validity).toBeGreaterThan(signs(102)[0]!.validity * 3)
    expect(signs(112)[0]!.validity).toBeLessThan(0.9)
    expect(signs(112, { fanWatched: false })).toEqual([])
    expect(signs(112, { airConditioning: 'on' })).toEqual([])
  })

  it('that ran without effect is told from one that cools, and from one nobody could judge', () => {
    const signs = (...cools: (boolean | undefined)[]) =>
      warmUpSigns('r', START, {
        ...analysed({}),
        fan: { onC: 98, cycles: cools.map((c) => (c === undefined ? {} : { cools: c })) },
      } as WarmUpAnalysis)
    expect(speaksFor(signs(false, false), 'fan-no-effect')).toBeGreaterThan(0.5)
    expect(speaksFor(signs(false, true), 'fan-no-effect')).toBeLessThan(-0.5)
    expect(signs(undefined).map((s) => s.sign)).toEqual(['fan-late'])
    expect(signs(undefined, false).map((s) => s.sign)).toContain('fan-no-effect')
  })
})

describe('beside the temperatures', () => {
  it('pressure is what it rose by until 60 °C', () => {
    const pressure = line([0, 5], [540, 41], [1800, 90])
    expect(analysed({ 'scan-coolant': ENGINE, pressure }).early!.gainedKPa).toBeCloseTo(36, 1)
    expect(analysed({ 'scan-coolant': line([0, 15], [400, 50]), pressure }).early).toBeUndefined()
  })

  it('level is how it moved in the second half, from four readings on', () => {
    const level = (seconds: number[], mm: number[]) =>
      analysed({ 'scan-coolant': ENGINE, level: { x: seconds, y: mm } }).levelLateMmPerMinute
    expect(level([0, 300, 600, 900, 1200], [0, 0, 0, 10, 20])).toBeCloseTo(2, 6)
    expect(level([0, 600, 1200], [0, 10, 20])).toBeUndefined()
    expect(level([0, 60, 120, 1200], [0, 1, 2, 20])).toBeUndefined()
  })

  it('a second source is compared from 35 °C up, and read in Fahrenheit called a slip', () => {
    const gun = (f: (c: number) => number) => ({ x: ENGINE.x, y: ENGINE.y.map(f) })
    const agreement = (f: (c: number) => number) =>
      analysed({ 'scan-coolant': ENGINE, 'infrared-engine': gun(f) }).agreement
    expect(agreement((c) => c - 3)[0]).toMatchObject({
      other: 'infrared-engine',
      unitSlip: false,
    })
    expect(agreement((c) => c - 3)[0]!.medianK).toBeCloseTo(3, 6)
    expect(agreement((c) => (c * 9) / 5 + 32)[0]!.unitSlip).toBe(true)
    expect(agreement(() => 30)).toEqual([])
  })
})

describe('a run without a channel of the engine', () => {
  it('has no hottest and no margin', () => {
    const a = analysed({ ambient: line([0, 10], [600, 12]) })
    expect([a.hottestC, a.leastMarginK]).toEqual([undefined, undefined])
  })
})

describe('the run as a check', () => {
  const run = (engine: Series, radiator?: Series) => {
    const trace = (channel: string, { x, y }: Series): ['warm-up-run.trace', object] => [
      'warm-up-run.trace',
      { run: '', channel, seconds: x, values: y },
    ]
    return warmUpRunCheck.assess(
      records(
        ['warm-up-run.start', START],
        trace('scan-coolant', engine),
        ...(radiator ? [trace('radiator-side-hose', radiator)] : []),
      ),
      CONTEXT,
    )[0]!
  }

  it('calls a plateau low, and an overshoot one, from more than 6 °C', () => {
    const settled = (top: number) => run(line([0, 15], [900, top], [1800, top])).states
    expect([settled(82), settled(81)]).toEqual([[], ['plateau-low']])
    const beyond = (peak: number) => run(line([0, 15], [900, peak], [1000, 90], [1800, 90])).states
    expect([beyond(95), beyond(98)]).toEqual([[], ['overshoot']])
  })

  it('calls an opening late only far beyond the rating, and repeated after two such runs', () => {
    const late = run(line([0, 15], [1000, 105], [1800, 100]), hose(960))
    expect(late.facts).toContain('run-opened-late')
    expect(run(ENGINE, hose(880)).facts).not.toContain('run-opened-late')
    const repeated = (...outcomes: (typeof late)[]) =>
      warmUpRunCheck.facts({ outcomes, entries: [], ever: [] })
    expect(repeated(late)).toEqual([])
    expect(repeated(late, run(ENGINE, hose(880)))).toEqual([])
    expect(repeated(late, late)).toEqual(['thermostat-run-repeated'])
  })
})
