import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { atmosphericPressureKPa } from '../../physics/atmosphere'
import { analyseHold, type HoldContext, type HoldRecords } from './analysis'
import { slopeHalfWidth } from './decay'
import {
  allowedPressure,
  holdLimit,
  limitFromReportedLoss,
  runningFlowFactor,
  targetProblem,
} from './limits'
import { compareLoss } from './loss-budget'
import { holdStateLikelihood } from './likelihood'
import { holdSigns } from './signs'

const PSI = 6.894757
const pressure = (kPa: number, offset?: number) => ({
  typed: String(kPa),
  value: kPa,
  unit: 'kPa',
  coreValue: kPa,
  ...(offset === undefined ? {} : { instrumentOffsetInCoreUnit: offset }),
})
const temperature = (c: number) => ({ typed: String(c), value: c, unit: '°C', coreValue: c })
const RUN = '0190a000-0000-7000-8000-000000000001'

const context: HoldContext = {
  atmosphereKPa: atmosphericPressureKPa(1300),
  pressurisedHoursPerWeek: { low: 5, value: 10, high: 20 },
  grossLeakSeen: false,
  capRatingKPa: 103,
  testerFlowMLPerMinute: { low: 0, value: 0, high: 0.01 },
}

/** A hold on a dial with the given step: truth falls by `fall` kPa/min, read every `every` seconds. */
function hold(
  fall: number,
  minutes: number,
  step: number,
  every: number,
  extra: Partial<HoldRecords> = {},
): HoldRecords {
  const readings = []
  for (let t = 0; t <= minutes * 60 + 1e-9; t += every) {
    const truth = 100 - (fall * t) / 60
    const shown = Math.round(truth / step) * step
    readings.push({ id: `r${t}`, run: RUN, elapsedSeconds: t, pressure: pressure(shown) })
  }
  return {
    start: {
      target: pressure(100),
      resolutionKPa: step,
      level: 'near-full',
      capMarking: pressure(103),
      plan: 'usual',
    },
    readings,
    remarks: [],
    ...extra,
  }
}

describe('verdict of a hold', () => {
  it('1 psi dial, 3 minutes, 181 readings, true leak 1.9 times the limit is not called tight', () => {
    for (let phase = 0; phase < 20; phase++) {
      const records = hold(1.9 * (7 / 15), 3, PSI, 1)
      records.readings.forEach((r) => {
        const truth = 100 + phase / 3 - (1.9 * (7 / 15) * r.elapsedSeconds) / 60
        r.pressure = pressure(Math.round(truth / PSI) * PSI)
      })
      expect(analyseHold(records, context).state).not.toBe('tight')
    }
  })
  it('more readings of the same dial never make the interval narrower than one step over the time', () => {
    expect(slopeHalfWidth(PSI, 3, 181)).toBeCloseTo(PSI / 3, 9)
    expect(slopeHalfWidth(1, 10, 2)).toBeGreaterThanOrEqual(0.1)
  })
  it('one minute shows a gross leak', () => {
    const analysis = analyseHold(hold(15, 3, 1, 15), context)
    expect(analysis.state).toBe('gross')
    expect(analysis.minutesStillNeeded).toBe(0)
  })
  it('a system that loses nothing is tight on a 1 kPa gauge after some minutes and not after half of one', () => {
    expect(analyseHold(hold(0, 2, 1, 15), context).state).toBe('undecided')
    expect(analyseHold(hold(0, 6, 1, 15), context).state).toBe('tight')
  })
  it('while undecided it says how many more minutes the step of the gauge asks for', () => {
    const analysis = analyseHold(hold(0, 5, PSI, 30), context)
    expect(analysis.state).toBe('undecided')
    expect(analysis.minutesStillNeeded).toBeGreaterThan(9)
    expect(analysis.minutesStillNeeded).toBeLessThan(18)
  })
  it('readings of the first ninety seconds are shown and not fitted', () => {
    const analysis = analyseHold(hold(0.9, 8, 0.5, 30), context)
    expect(analysis.points.filter((p) => !p.settled).map((p) => p.elapsedSeconds)).toEqual([
      0, 30, 60,
    ])
    expect(analysis.decay!.startSeconds).toBe(90)
    expect(Math.abs(analysis.decay!.fallKPaPerMinute.value - 0.9)).toBeLessThan(0.15)
  })
  it('a target that is never reached is gross without a single slope', () => {
    const records = hold(0, 0, 1, 1, {
      remarks: [{ run: RUN, elapsedSeconds: 30, remark: 'target-not-reached' }],
    })
    expect(analyseHold(records, context).state).toBe('gross')
  })
  it('the strict plan allows no visible movement in ten minutes', () => {
    expect(holdLimit('strict', 1).kPaPerMinute).toBeCloseTo(0.1)
    expect(holdLimit('usual', 1).kPaPerMinute * 15).toBeCloseTo(7)
  })
  it('a seep that slows as the pressure falls is fitted by a law through the origin', () => {
    const records = hold(0, 15, 0.1, 30)
    records.readings.forEach((r) => {
      r.pressure = pressure(Math.round(1000 * Math.exp((-0.06 * r.elapsedSeconds) / 60)) / 10)
    })
    const { decay } = analyseHold(records, context)
    expect(decay!.law).toBe('seep')
    expect(decay!.fallKPaPerMinute.value).toBeCloseTo(0.06 * decay!.startKPaGauge, 1)
    records.readings.forEach((r) => {
      r.pressure = pressure(Math.round(10 * (10 - (0.25 * r.elapsedSeconds) / 60) ** 2) / 10)
    })
    expect(analyseHold(records, context).decay!.law).toBe('opening')
  })
})

describe('what is taken off the fall', () => {
  it('the tester leaks as a flow: 2 kPa/min in its own small volume is nearly nothing in the vehicle', () => {
    const testerFlow = 2 * (45 / 185)
    const analysis = analyseHold(hold(0.9, 10, 0.5, 30), {
      ...context,
      testerFlowMLPerMinute: { low: testerFlow * 0.5, value: testerFlow, high: testerFlow * 1.5 },
    })
    expect(analysis.fallKPaPerMinute!.value).toBeGreaterThan(0.75)
    expect(analysis.testerUnfit).toBe(false)
  })
  it('a tester that alone leaks more than the limit is called unfit and decides nothing', () => {
    const analysis = analyseHold(hold(0.9, 10, 0.5, 30), {
      ...context,
      testerFlowMLPerMinute: { low: 3, value: 5, high: 7 },
    })
    expect(analysis.testerUnfit).toBe(true)
    expect(analysis.state).toBe('undecided')
  })
  it('cooling by 5 K over the hold explains a fall that is no leak', () => {
    const records = hold(0.5, 12, 0.5, 30, {
      end: { run: RUN, elapsedSeconds: 720, coolantAtEnd: temperature(25), tray: 'dry' },
    })
    records.start.coolantAtStart = temperature(30)
    const analysis = analyseHold(records, context)
    expect(analysis.decay!.fallKPaPerMinute.low).toBeGreaterThan(0.3)
    expect(analysis.fallKPaPerMinute!.low).toBeLessThan(0.1)
    expect(['tight', 'undecided']).toContain(analysis.state)
  })
  it('the gauge offset moves the level and not the slope', () => {
    const plain = analyseHold(hold(0.9, 8, 0.5, 30), context)
    const offset = hold(0.9, 8, 0.5, 30)
    offset.readings.forEach((r) => (r.pressure = pressure(r.pressure.coreValue, -2)))
    const shifted = analyseHold(offset, context)
    expect(shifted.points[0]!.pressureKPaGauge).toBe(102)
    expect(shifted.decay!.fallKPaPerMinute.value).toBeCloseTo(
      plain.decay!.fallKPaPerMinute.value,
      6,
    )
  })
})

describe('pressure allowed', () => {
  it('is the lower of marking and system rating, and 70 kPa for an unmarked cap', () => {
    expect(allowedPressure({ coreValue: 103 }, undefined)).toMatchObject({
      maximumKPaGauge: 103,
      basis: 'marking',
    })
    expect(allowedPressure({ coreValue: 103 }, 90)).toMatchObject({
      maximumKPaGauge: 90,
      basis: 'system',
    })
    expect(allowedPressure('unmarked', undefined)).toMatchObject({
      maximumKPaGauge: 70,
      basis: 'default',
    })
  })
  it('a target above it is refused after the gauge offset, a target at it is not', () => {
    const allowed = allowedPressure({ coreValue: 103 }, undefined)
    expect(targetProblem(pressure(103), allowed)).toBeUndefined()
    expect(targetProblem(pressure(103.1), allowed)?.id).toBe('hold.targetAboveMarking')
    expect(targetProblem(pressure(102, -2), allowed)?.id).toBe('hold.targetAboveMarking')
    expect(targetProblem(pressure(0), allowed)?.id).toBe('hold.targetNotAboveZero')
  })
  it('a reading above the marking is kept, with a caution', () => {
    const records = hold(0, 3, 1, 30)
    records.readings[0]!.pressure = pressure(110)
    const analysis = analyseHold(records, context)
    expect(analysis.points[0]!.aboveAllowed).toBe(true)
    expect(analysis.cautions.map((c) => c.id)).toContain('caution.aboveMarking')
  })
})

describe('the keeper’s loss', () => {
  it('half a litre a week in ten hours is a fall far below the usual limit, and a pass says it was blind to it', () => {
    const analysis = analyseHold(hold(0, 8, 1, 30), { ...context, reportedLossLitresPerWeek: 0.5 })
    expect(analysis.state).toBe('tight')
    expect(analysis.reportedLossFallKPaPerMinute!.value).toBeLessThan(7 / 15)
    expect(analysis.couldHaveSeenReportedLoss).toBe(false)
    expect(analysis.notes.map((n) => n.id)).toContain('hold.tightButBlindToReported')
    expect(analysis.minutesToSeeReportedLoss).toBeGreaterThan(8)
  })
  it('a seep runs 4.6 times as fast hot as cold at the same pressure, an opening no faster than its pressure lets it', () => {
    const { low, high, value } = runningFlowFactor(100, 100)
    // 50 % ethylene glycol: 3.9 mPa·s at 20 °C, 0.85 at 90 °C.
    expect(high).toBeCloseTo(3.9 / 0.85, 1)
    expect(low).toBeCloseTo(Math.sqrt(0.5), 9)
    expect(value).toBeCloseTo(Math.sqrt(low * high), 9)
    expect(runningFlowFactor(50, 100).high).toBeCloseTo(2 * high, 9)
  })
  it('a larger reported loss asks for a faster fall, in proportion', () => {
    const hours = { low: 5, value: 10, high: 20 }
    const c = { low: 4, value: 5, high: 6 }
    const factor = runningFlowFactor(100, 100)
    const one = limitFromReportedLoss(1, hours, c, factor)
    expect(limitFromReportedLoss(3, hours, c, factor).value).toBeCloseTo(3 * one.value, 9)
    expect(one.low).toBeLessThan(one.value)
    expect(one.high).toBeGreaterThan(one.value)
  })
  it('the budget says explains, part or far more', () => {
    const band = { low: 0.4, value: 0.7, high: 1.2 }
    expect(compareLoss(band, 0.5).comparison).toBe('explains')
    expect(compareLoss(band, 3).comparison).toBe('part')
    expect(compareLoss(band, 0.1).comparison).toBe('far-more')
    expect(compareLoss(band, undefined).comparison).toBeUndefined()
    const fromNone = { ...band, low: 0 }
    expect(compareLoss(fromNone, 0.5).comparison).toBe('open')
    expect(compareLoss(fromNone, 0).comparison).toBe('none')
    expect(compareLoss(band, 0).comparison).toBe('far-more')
  })
  it('topped up with water the mix thins: 1 L a week out of 14 L takes 50 % to 32 % in six weeks', () => {
    const analysis = analyseHold(hold(0.9, 8, 0.5, 30), {
      ...context,
      reportedLossLitresPerWeek: 1,
      capacityLitres: 14,
      glycolVolumeFraction: 0.5,
    })
    expect(analysis.notes.find((n) => n.id === 'hold.dilution')!.parameters).toMatchObject({
      from: 50,
      to: 32,
    })
    expect(analyseHold(hold(0.9, 8, 0.5, 30), context).notes.map((n) => n.id)).not.toContain(
      'hold.dilution',
    )
  })
  it('every leak size has an interval that holds its value', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.integer({ min: 3, max: 12 }),
        (fall, minutes) => {
          const { leakMLPerMinute: leak } = analyseHold(hold(fall, minutes, 0.5, 30), context)
          expect(leak!.low).toBeLessThanOrEqual(leak!.value)
          expect(leak!.value).toBeLessThanOrEqual(leak!.high)
          expect(Number.isFinite(leak!.high)).toBe(true)
        },
      ),
      { numRuns: 40 },
    )
  })
})

describe('likelihood of the hold’s states', () => {
  const states = (fall: number, minutes: number, step: number, every: number) => {
    const records = hold(fall, minutes, step, every)
    const analysis = analyseHold(records, context)
    const raw = holdStateLikelihood(analysis, step)
    const sum = raw.tight + raw.seep + raw.leak + raw.gross
    return {
      tight: raw.tight / sum,
      seep: raw.seep / sum,
      leak: raw.leak / sum,
      gross: raw.gross / sum,
    }
  }
  it('leans to the state the fall belongs to', () => {
    expect(states(0, 10, 1, 30).tight).toBeGreaterThan(0.7)
    expect(states(0.8, 10, 1, 30).seep).toBeGreaterThan(0.7)
    expect(states(4, 8, 1, 30).leak).toBeGreaterThan(0.7)
    expect(states(25, 3, 1, 15).gross).toBeGreaterThan(0.7)
  })
  it('a coarse dial read a hundred times in two minutes still does not say tight with confidence', () => {
    const few = states(0, 3.5, PSI, 30)
    const many = states(0, 3.5, PSI, 1)
    expect(many.tight).toBeLessThan(0.75)
    expect(Math.abs(many.tight - few.tight)).toBeLessThan(0.15)
  })
  it('a hold on a low system has little validity', () => {
    const records = hold(0, 10, 1, 30)
    records.start.level = 'low'
    const [reading] = holdSigns(RUN, records, analyseHold(records, context))
    expect(reading!.validity).toBeLessThan(0.5)
  })
})
