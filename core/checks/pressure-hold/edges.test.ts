import { describe, expect, it } from 'vitest'
import { celsius, kPa } from '../check.fixture'
import type { HoldAnalysis } from './analysis'
import { analysed, type End, hold, type Start } from './hold.fixture'
import { allowedPressure, runningFlowFactor, targetProblem } from './limits'

const noted = (analysis: HoldAnalysis) => analysis.notes.map((n) => n.id)

describe('what a hold may be pumped to', () => {
  it('is the lower of marking and rating, and 70 kPa where the cap says nothing', () => {
    expect(allowedPressure(kPa(103), undefined)).toEqual({ maximumKPaGauge: 103, basis: 'marking' })
    expect(allowedPressure(kPa(103), 103)).toMatchObject({ basis: 'marking' })
    expect(allowedPressure(kPa(103), 102)).toEqual({ maximumKPaGauge: 102, basis: 'system' })
    for (const cap of ['unmarked', 'looks-wrong', undefined] as const) {
      expect(allowedPressure(cap, undefined)).toMatchObject({
        maximumKPaGauge: 70,
        basis: 'default',
      })
      expect(allowedPressure(cap, 50).maximumKPaGauge).toBe(50)
      expect(allowedPressure(cap, 90).note!.id).toBe('hold.findMakersFigure')
    }
  })

  it('is asked of the true pressure: a gauge that reads low shows less than is there', () => {
    const allowed = allowedPressure(kPa(103), undefined)
    const shown = (coreValue: number, offset: number) =>
      targetProblem(
        { ...(kPa(coreValue) as object), instrumentOffsetInCoreUnit: offset } as never,
        allowed,
      )?.id
    expect(shown(103, 0)).toBeUndefined()
    expect(shown(103.1, 0)).toBe('hold.targetAboveMarking')
    expect(shown(102, -2)).toBe('hold.targetAboveMarking')
    expect(shown(105, 2)).toBeUndefined()
    expect(shown(0, 0)).toBe('hold.targetNotAboveZero')
  })

  it('a reading above it by more than half a step is warned of before anything else', () => {
    const to = (pumped: number) => {
      const records = hold(0)
      const readings = records.readings.map((r, i) =>
        i === 0 ? { ...r, pressure: kPa(pumped) } : r,
      )
      return analysed({ ...records, readings })
    }
    expect(to(103.04).cautions.map((c) => c.id)).not.toContain('caution.aboveMarking')
    expect(to(103.1).cautions[0]!.id).toBe('caution.aboveMarking')
    expect(
      to(103.1)
        .points.map((p) => p.aboveAllowed)
        .filter(Boolean).length,
    ).toBe(1)
  })
})

describe('the verdict', () => {
  it.each([
    [0, 'tight'],
    [0.9, 'seep'],
    [1.8, 'seep'],
    [2.2, 'leak'],
    [5.5, 'leak'],
  ])('of a fall of %d kPa/min is %s', (fall, state) => {
    expect(analysed(hold(fall)).state).toBe(state)
  })

  it('takes readings in any order', () => {
    const records = hold(0.9)
    const turned = { ...records, readings: records.readings.toReversed() }
    expect(analysed(turned)).toEqual(analysed(records))
  })

  it('waits for readings, and for those after the settling', () => {
    const records = hold(0.9)
    expect(analysed({ ...records, readings: [] }).state).toBe('no-reading')
    expect(analysed({ ...records, readings: records.readings.slice(0, 2) }).state).toBe('settling')
  })

  it('takes the tester’s own leak off, and will not judge with one that leaks more than the limit', () => {
    const leaking = (mLPerMinute: number) =>
      analysed(hold(0.9), {
        testerFlowMLPerMinute: { low: mLPerMinute, value: mLPerMinute, high: mLPerMinute },
      })
    expect(noted(analysed(hold(0.9)))).toContain('hold.testerNotChecked')
    const small = leaking(0.5)
    expect(noted(small)).toContain('hold.testerSubtracted')
    expect(small.fallKPaPerMinute!.value).toBeLessThan(analysed(hold(0.9)).fallKPaPerMinute!.value)
    const unfit = leaking(20)
    expect([unfit.testerUnfit, noted(unfit).includes('hold.testerUnfit')]).toEqual([true, true])
    expect(['undecided', 'tight']).toContain(unfit.state)
  })

  it('takes cooling off, and says so from a degree on', () => {
    const cooled = (from: number, to: number) =>
      analysed(hold(0.9, { coolantAtStart: celsius(from) }, { coolantAtEnd: celsius(to) }))
    expect(cooled(20, 14).fallKPaPerMinute!.value).toBeLessThan(
      cooled(20, 20).fallKPaPerMinute!.value,
    )
    expect(cooled(14, 20).fallKPaPerMinute!.value).toBeGreaterThan(
      cooled(20, 20).fallKPaPerMinute!.value,
    )
    expect(noted(cooled(20, 19))).toContain('hold.driftCorrected')
    expect(noted(cooled(20, 19.5))).not.toContain('hold.driftCorrected')
  })

  it('names which temperature is missing once it has ended', () => {
    const missing = (start: Partial<Start>, end?: Partial<End>) =>
      noted(analysed(hold(0, start, end))).filter((id) => /emperature/.test(id))
    expect(missing({})).toEqual([])
    expect(missing({}, {})).toEqual(['hold.temperatureNotRecorded'])
    expect(missing({ coolantAtStart: celsius(20) }, {})).toEqual(['hold.endTemperatureNotRecorded'])
    expect(missing({}, { coolantAtEnd: celsius(20) })).toEqual(['hold.startTemperatureNotRecorded'])
    expect(missing({ coolantAtStart: celsius(20) }, { coolantAtEnd: celsius(20) })).toEqual([])
  })
})

describe('what follows from a fall', () => {
  it('a full cylinder is warned of where it fell with a dry tray, unless cylinders were seen dry', () => {
    const warned = (fall: number, end: Partial<End>) =>
      analysed(hold(fall, {}, end)).cautions.some((c) => c.id === 'caution.cylinderMayBeFull')
    expect(warned(0.9, { tray: 'dry' })).toBe(true)
    expect(warned(0.9, { tray: 'dry', cylinders: 'wet' })).toBe(true)
    expect(warned(0.9, { tray: 'dry', cylinders: 'dry' })).toBe(false)
    expect(warned(0.9, { tray: 'wet' })).toBe(false)
    expect(warned(0, { tray: 'dry' })).toBe(false)
  })

  it('its flow grows with how much the system gives, which strokes of the pump tell', () => {
    const strokes = (n: number) => analysed(hold(0.9, { strokes: n, strokeVolumeML: 28 }))
    expect(strokes(34).complianceBasis).toBe('strokes')
    expect(strokes(68).leakMLPerMinute!.value).toBeGreaterThan(
      1.5 * strokes(34).leakMLPerMinute!.value,
    )
    expect(noted(strokes(34))).not.toContain('hold.defaultCompliance')
    expect(noted(analysed(hold(0.9)))).toContain('hold.defaultCompliance')
    expect(analysed(hold(0.9, { strokes: 34 })).complianceBasis).toBe('default')
  })

  it('running, a leak flows faster than in the hold, more so under a stronger cap', () => {
    const factor = runningFlowFactor(100, 100)
    expect(factor.low).toBeCloseTo(Math.sqrt(0.5), 6)
    expect(factor.high).toBeCloseTo(4.6, 6)
    expect(factor.value).toBeCloseTo(Math.sqrt(factor.low * factor.high), 6)
    expect(runningFlowFactor(100, 140).value).toBeGreaterThan(factor.value)
    const turned = runningFlowFactor(1000, 10)
    expect(turned.low).toBeLessThan(turned.high)
  })

  it('a tight hold that could not have seen the reported loss says so, with the minutes it would take', () => {
    const blind = analysed(hold(0), { reportedLossLitresPerWeek: 0.01 })
    expect(blind.state).toBe('tight')
    expect(blind.couldHaveSeenReportedLoss).toBe(false)
    expect(blind.minutesToSeeReportedLoss).toBeGreaterThan(15)
    expect(noted(blind)).toContain('hold.tightButBlindToReported')
    const seeing = analysed(hold(0), { reportedLossLitresPerWeek: 5 })
    expect(seeing.couldHaveSeenReportedLoss).toBe(true)
    expect(noted(seeing)).not.toContain('hold.tightButBlindToReported')
    for (const none of [undefined, 0])
      expect(
        analysed(hold(0), { reportedLossLitresPerWeek: none }).reportedLossFallKPaPerMinute,
      ).toBeUndefined()
  })

  it('topping up with water is warned of where it thins the mix by three points in six weeks', () => {
    const thinned = (loss: number, fraction: number | undefined, capacityLitres?: number) =>
      noted(
        analysed(hold(0.9), {
          reportedLossLitresPerWeek: loss,
          glycolVolumeFraction: fraction,
          capacityLitres,
        }),
      ).includes('hold.dilution')
    expect(thinned(0.5, 0.5, 9)).toBe(true)
    expect(thinned(0.05, 0.5, 9)).toBe(false)
    expect(thinned(0.5, undefined, 9)).toBe(false)
    expect(thinned(0.5, 0.5)).toBe(false)
    expect(thinned(9, 0.5, 9)).toBe(false)
  })

  it('a gross leak that was seen is to be repaired first', () => {
    expect(noted(analysed(hold(0.9), { grossLeakSeen: true }))).toContain(
      'hold.repairGrossLeakFirst',
    )
    expect(noted(analysed(hold(0.9)))).not.toContain('hold.repairGrossLeakFirst')
  })
})
