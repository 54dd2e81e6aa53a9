import { describe, expect, it } from 'vitest'
import { CONTEXT, records } from '../check.fixture'
import { interviewCheck } from './check'
import { SIGNS } from '../../knowledge/signs'
import {
  interviewSigns,
  lossByTopUps,
  lossSizeSign,
  pressurisedHours,
  reportedLossPerWeek,
  stopDrivingAdvice,
} from './analysis'
import { QUESTIONS } from './questions'

const litres = (value: number) => ({ typed: `${value}`, value, unit: 'L', coreValue: value })
const week = { typed: '1', value: 1, unit: 'wk', coreValue: 604800 }
const thousandKm = { typed: '1000', value: 1000, unit: 'km', coreValue: 1000 }

describe('what went in on which days', () => {
  const on = (...list: [day: string, amount: number][]) => ({
    list: list.map(([day, amount]) => ({ on: day, amount: litres(amount) })),
  })
  it('is a rate from the second time on: the first fills what was lost before', () => {
    const rate = lossByTopUps(on(['2026-10-01', 3], ['2026-10-08', 0.5], ['2026-10-22', 1]))!
    expect(rate.litresPerWeek).toBeCloseTo(0.5, 9)
    expect(rate.assumptions[0]!.parameters).toEqual({ times: 3, days: 21 })
    expect(lossByTopUps(on(['2026-10-01', 3]))).toBeUndefined()
  })
  it('says more than an estimate, and goes before one', () => {
    const far = (from: 'told' | 'written') => {
      const { likelihood } = lossSizeSign('x', 6, from)
      return likelihood.heavy! / likelihood.slight!
    }
    expect(far('written')).toBeGreaterThan(far('told') * 2)
    const told = { amount: litres(0.1), per: { time: week } }
    const written = on(['2026-10-01', 3], ['2026-10-08', 5])
    const outcomes = interviewCheck.assess(
      records(['interview.loss', told], ['interview.top-ups', written]),
      CONTEXT,
    )
    expect(outcomes.flatMap((o) => o.signs.map(({ says }) => says.id))).toEqual([
      'says.lossByTopUps',
    ])
    const found = interviewCheck.finds!(
      records(['interview.loss', told], ['interview.top-ups', written]),
      outcomes,
      CONTEXT,
    )
    expect(found.reportedLossLitresPerWeek).toBeCloseTo(5, 9)
  })
})

describe('what the keeper tops up', () => {
  it('half a litre a week is half a litre a week, and a litre a day is seven', () => {
    expect(
      reportedLossPerWeek({ amount: litres(0.5), per: { time: week } }, undefined)!.litresPerWeek,
    ).toBeCloseTo(0.5)
    expect(
      reportedLossPerWeek(
        { amount: litres(1), per: { time: { ...week, typed: '1', unit: 'd', coreValue: 86400 } } },
        undefined,
      )!.litresPerWeek,
    ).toBeCloseTo(7)
  })
  it('per distance it needs the distance driven, and says what it took when that is not known', () => {
    const known = reportedLossPerWeek(
      { amount: litres(2), per: { distance: thousandKm } },
      { kilometresPerWeek: 500 },
    )!
    expect(known.litresPerWeek).toBeCloseTo(1)
    expect(known.assumptions).toEqual([])
    const assumed = reportedLossPerWeek(
      { amount: litres(2), per: { distance: thousandKm } },
      undefined,
    )!
    expect(assumed.litresPerWeek).toBeCloseTo(0.6)
    expect(assumed.assumptions[0]!.id).toBe('assumes.kilometresPerWeek')
  })
  it('not known, or without a time, is no figure and not nought', () => {
    expect(reportedLossPerWeek({ amount: 'not-known' }, undefined)).toBeUndefined()
    expect(reportedLossPerWeek({ amount: litres(1) }, undefined)).toBeUndefined()
    expect(reportedLossPerWeek(undefined, undefined)).toBeUndefined()
  })
  it('a larger loss leans to the heavier state', () => {
    const lean = (perWeek: number) => {
      const { slight, moderate, heavy } = lossSizeSign('x', perWeek).likelihood as Record<
        string,
        number
      >
      return [slight!, moderate!, heavy!].indexOf(Math.max(slight!, moderate!, heavy!))
    }
    expect([lean(0.05), lean(0.8), lean(8)]).toEqual([0, 1, 2])
  })
  it('hours stated narrow the band; unknown ones are said to be assumed', () => {
    expect(pressurisedHours({ hoursPerWeek: 20 })).toEqual({
      hours: { low: 15, value: 20, high: 25 },
      assumed: false,
    })
    expect(pressurisedHours(undefined).assumed).toBe(true)
  })
})

describe('answers', () => {
  it('every question speaks to a sign of the book and is better than a coin', () => {
    for (const question of QUESTIONS) {
      expect(
        SIGNS.some((s) => s.id === question.sign),
        question.id,
      ).toBe(true)
      expect(question.rates.whenPresent).toBeGreaterThan(question.rates.whenAbsent)
    }
  })
  it('"not known" is no reading; yes and no lean to opposite sides', () => {
    const ask = (answer: 'yes' | 'no' | 'not-known') =>
      interviewSigns([{ id: 'a', question: 'wet-under', answer }])
    expect(ask('not-known')).toEqual([])
    const [yes] = ask('yes')
    const [no] = ask('no')
    expect(yes!.likelihood.yes!).toBeGreaterThan(yes!.likelihood.no!)
    expect(no!.likelihood.no!).toBeGreaterThan(no!.likelihood.yes!)
  })
  it('heater cold while hot means stop at once', () => {
    expect(stopDrivingAdvice(new Set(['heater-cold', 'hot-at-load']))!.id).toBe('advice.stopAtOnce')
    expect(stopDrivingAdvice(new Set(['white-exhaust']))!.id).toBe('advice.doNotDrive')
    expect(stopDrivingAdvice(new Set(['wet-under']))).toBeUndefined()
  })
})
