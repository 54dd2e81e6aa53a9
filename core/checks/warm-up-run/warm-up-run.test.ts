import { describe, expect, it } from 'vitest'
import { celsius, CONTEXT, records, speaksFor } from '../check.fixture'
import type { CheckContext } from '../context'
import { warmUpRunCheck } from './check'
import { type Loop, runOf, simulate } from './loop.fixture'
import { analyseWarmUp, type WarmUpAnalysis } from './analysis'
import { gaps, gatherSeries, thin } from './series'

function run(
  loop: Loop,
  start: object = {},
  context: Partial<CheckContext> = {},
  marks: [number, string][] = [],
) {
  const list = runOf(loop, start, marks)
  const o = warmUpRunCheck.assess(list, { ...CONTEXT, ...context })[0]!
  return { o, a: o.figures as WarmUpAnalysis }
}

describe('warm-up run', () => {
  it('finds the opening near the rating, from the hose alone, with an interval', () => {
    const { o, a } = run({ opens: 88 })
    expect(o.states).toContain('opened')
    expect(Math.abs(a.opening!.engineC - 88)).toBeLessThan(3)
    expect(a.opening!.low).toBeLessThanOrEqual(a.opening!.seconds)
    expect(a.warmUpKPerMinute!).toBeCloseTo(4.5, 0)
    expect(o.facts).toContain('thermostat-opened')
  })
  it('a thermostat on the inlet side opens 5 to 12 K above its rating at the engine outlet, and that is normal', () => {
    const inlet = run(
      { opens: 96 },
      {},
      { profile: { ...CONTEXT.profile, thermostatSide: 'inlet' } },
    )
    const outlet = run({ opens: 96 })
    expect(speaksFor(inlet.o.signs, 'opening-late', 'late', 'normal')).toBeLessThan(0)
    expect(speaksFor(outlet.o.signs, 'opening-late', 'late', 'normal')).toBeGreaterThan(
      speaksFor(inlet.o.signs, 'opening-late', 'late', 'normal'),
    )
  })
  it('never condemns "opens late" alone: 9 K late is doubtful', () => {
    expect(speaksFor(run({ opens: 97 }).o.signs, 'opening-late', 'late', 'normal')).toBeLessThan(1)
    expect(run({ opens: 97 }).o.doesNotProve[0]!.id).toBe('warmUp.pass.opensLate')
  })
  it('a radiator side that stays cold up to 112 °C never opened; warm from the start was open', () => {
    const never = run({ minutes: 20 })
    expect(never.a.neverOpened).toBe(true)
    expect(speaksFor(never.o.signs, 'opening-late', 'never', 'normal')).toBeGreaterThan(1)
    const open = run({ fromStart: true, settles: 68, minutes: 26 })
    expect(open.a.openFromStart).toBe(true)
    expect(open.o.states).toContain('plateau-low')
    expect(speaksFor(open.o.signs, 'opening-early', 'from-start', 'no')).toBeGreaterThan(1)
  })
  it('a biased scan is found against the gun, and a gun in Fahrenheit is a unit slip and accuses nobody', () => {
    expect(speaksFor(run({ opens: 88, scanBias: -18 }).o.signs, 'scan-disagrees')).toBeGreaterThan(
      0.8,
    )
    const slip = run({ opens: 88, gunFahrenheit: true })
    expect(slip.a.agreement[0]!.unitSlip).toBe(true)
    expect(slip.o.signs.some((s) => s.sign === 'scan-disagrees')).toBe(false)
    expect(slip.o.notes.map((n) => n.id)).toContain('note.unitSlip')
  })
  it('on bare metal the same disagreement says much less', () => {
    const painted = speaksFor(run({ opens: 88, scanBias: -18 }).o.signs, 'scan-disagrees')
    expect(
      speaksFor(
        run({ opens: 88, scanBias: -18 }, { surface: 'bare-metal' }).o.signs,
        'scan-disagrees',
      ),
    ).toBeLessThan(0.5 * painted)
  })
  it('fan cycles give on, off, hysteresis and duty; with air conditioning on they say nothing of temperature control', () => {
    const marks: [number, string][] = [
      [1100, 'fan-on'],
      [1160, 'fan-off'],
      [1220, 'fan-on'],
      [1280, 'fan-off'],
    ]
    const { a, o } = run({ opens: 88, settles: 99 }, {}, {}, marks)
    expect(a.fan.cycles.length).toBe(2)
    expect(a.fan.duty!).toBeCloseTo(0.5, 2)
    expect(a.fan.cycleSeconds).toBe(120)
    expect(o.signs.some((s) => s.sign === 'fan-late')).toBe(true)
    expect(
      run({ opens: 88, settles: 99 }, { airConditioning: 'on' }, {}, marks).o.signs.some(
        (s) => s.sign === 'fan-late',
      ),
    ).toBe(false)
  })
  it('a low level halves what the run says and names the trap of a dry sensor', () => {
    const low = run({ minutes: 20 }, { level: 'low' })
    expect(low.o.notes.map((n) => n.id)).toContain('note.sensorMayBeDry')
    expect(speaksFor(low.o.signs, 'opening-late', 'never', 'normal')).toBeLessThan(
      speaksFor(run({ minutes: 20 }).o.signs, 'opening-late', 'never', 'normal'),
    )
  })
  it.each([
    ['rating', { thermostatSide: 'outlet' } as const, 'warmUp.ratingUnknown'],
    ['side', { thermostatRatingC: 88 }, 'warmUp.sideUnknown'],
  ])('without a %s it opened, and neither late nor early is concluded', (_, profile, note) => {
    const { o, a } = run({ opens: 88 }, {}, { profile })
    expect(a.opening).toBeDefined()
    expect(speaksFor(o.signs, 'opening-late', 'never', 'normal')).toBeLessThan(-0.8)
    expect(speaksFor(o.signs, 'opening-early', 'from-start', 'no')).toBeLessThan(-0.8)
    expect(Math.abs(speaksFor(o.signs, 'opening-late', 'late', 'normal'))).toBeLessThan(0.2)
    expect(Math.abs(speaksFor(o.signs, 'opening-early', 'early', 'no'))).toBeLessThan(0.2)
    expect(o.notes.map((n) => n.id)).toContain(note)
  })
  it('an unknown rating is no reason to call one that opens at 100 °C stuck', () => {
    const unknown = run({ opens: 101, minutes: 21 }, {}, { profile: { thermostatSide: 'outlet' } })
    expect(unknown.a.neverOpened).toBe(false)
  })
  it('a gun confirms the engine only where its spot is said to be painted or taped', () => {
    const facts = (surface: string) => run({ opens: 88 }, { surface }).o
    expect(facts('painted-or-taped').facts).toContain('engine-temperature-second-source')
    for (const surface of ['not-known', 'bare-metal']) {
      expect(facts(surface).facts).not.toContain('engine-temperature-second-source')
      expect(facts(surface).notes.map((n) => n.id)).toContain('warmUp.spotNotSaid')
    }
  })
  it('the stop limit is never above boiling less 5 K at the pressure really held', () => {
    expect(run({ opens: 88 }, {}, { heldKPaGauge: 0 }).a.stopLimitC).toBeCloseTo(102.4, 0)
    expect(run({ opens: 88 }, {}, { heldKPaGauge: 100 }).a.stopLimitC).toBe(115)
  })
  it('a log of 10 Hz and one of 0.1 Hz tell the same', () => {
    const analyse = (every: number) => {
      const { seconds, scan, hose } = simulate({ opens: 88, every })
      return analyseWarmUp(
        { 'scan-coolant': { x: seconds, y: scan }, 'radiator-side-hose': { x: seconds, y: hose } },
        [],
        CONTEXT,
      )
    }
    expect(Math.abs(analyse(1).opening!.seconds - analyse(10).opening!.seconds)).toBeLessThan(45)
  })
  it('typed readings and traces of one channel are merged, gaps are told, and nothing gives NaN', () => {
    const series = gatherSeries(
      [{ run: '', elapsedSeconds: 5, channel: 'dash', reading: celsius(50) }],
      [{ run: '', channel: 'dash', seconds: [0, 10], values: [40, 60] }],
    )
    expect(series.dash).toEqual({ x: [0, 5, 10], y: [40, 50, 60] })
    expect(gaps({ x: [0, 1, 2, 3, 4, 5, 6, 7, 8, 60, 61], y: [] })).toEqual([{ from: 8, to: 60 }])
    expect(thin({ x: [0, 1, 2, 11], y: [1, 2, 3, 9] }, 10)).toEqual({ x: [1, 11], y: [2, 9] })
    const empty = warmUpRunCheck.assess(
      records([
        'warm-up-run.start',
        { airConditioning: 'off', fanWatched: false, level: 'not-known', surface: 'not-known' },
      ]),
      CONTEXT,
    )[0]!
    expect(empty.signs).toEqual([])
  })
})
