import { describe, expect, it } from 'vitest'
import { analyseTesterSelfCheck } from '../tester-self-check/analysis'
import { analyseCap } from './analysis'
import { CONTEXT, outcome, records } from '../check.fixture'
import { capCheck } from './check'
import { capSigns } from './signs'
import { capTest, type CapTest } from './record'
import type { SystemProfile } from '../../vehicle/profile'

const kPa = (value: number) => ({ typed: String(value), value, unit: 'kPa', coreValue: value })
const mix = { base: 'ethylene-glycol' as const, massFraction: 0.5, elevationMetres: 0 }
const cap = (opening: number, held: number, extra: Partial<CapTest> = {}): CapTest => ({
  place: 'tank',
  marking: kPa(103),
  opening: kPa(opening),
  after60Seconds: kPa(held),
  vacuumValve: 'free',
  seals: 'good',
  fitsPlace: 'right',
  ...extra,
})
const ratio = (test: CapTest, sign: string) => {
  const reading = capSigns('x', test, analyseCap(test, mix)).find((r) => r.sign === sign)!
  return reading.likelihood.yes! / reading.likelihood.no!
}

const notesOf = (data: CapTest) => outcome(capCheck, 'cap.test', data).notes.map(({ id }) => id)

describe('cap on its adapter', () => {
  it('opening within −7 and +14 kPa of the marking and holding is good', () => {
    expect(analyseCap(cap(103, 100), mix).states).toEqual(['good'])
    expect(analyseCap(cap(97, 95), mix).states).toEqual(['good'])
    expect(analyseCap(cap(116, 110), mix).states).toEqual(['good'])
  })
  it('opening and holding are different facts, both against what is written on it', () => {
    expect(analyseCap(cap(94, 90), mix).states).toEqual(['opens-early'])
    expect(analyseCap(cap(80, 78), mix).states).toEqual(['opens-early', 'will-not-hold'])
    expect(analyseCap(cap(103, 40), mix).states).toEqual(['will-not-hold'])
    expect(analyseCap(cap(130, 120), mix).states).toEqual(['opens-late'])
  })
  it('the boiling margin follows the pressure really held, not the marking', () => {
    const lost = analyseCap(cap(103, 0), mix)
    expect(lost.effectiveKPaGauge).toBe(0)
    expect(lost.marginLostK).toBeGreaterThan(20)
    expect(lost.marginLostK).toBeLessThan(24)
    expect(analyseCap(cap(103, 103), mix).marginLostK).toBeCloseTo(0, 6)
  })
  it('that holds more than it opens at was misread, and is not called good', () => {
    const test = cap(100, 112)
    expect(analyseCap(test, mix).states).toEqual([])
    expect(notesOf(test)).toEqual(['note.capHoldsMoreThanItOpens'])
    const signs = capSigns('x', test, analyseCap(test, mix)).map(({ sign }) => sign)
    expect(signs).not.toContain('cap-will-not-hold')
  })
  it('a cap is not called good while opening or holding was not measured', () => {
    expect(analyseCap({ ...cap(103, 100), after60Seconds: undefined }, mix).states).toEqual([])
  })
  it('likelihoods follow the reading: the lower it opens, the more it speaks for a weak cap', () => {
    expect(ratio(cap(103, 100), 'cap-opens-early')).toBeLessThan(0.1)
    expect(ratio(cap(85, 80), 'cap-opens-early')).toBeGreaterThan(5)
    expect(ratio(cap(103, 99), 'cap-will-not-hold')).toBeLessThan(0.2)
    expect(ratio(cap(103, 50), 'cap-will-not-hold')).toBeGreaterThan(20)
    expect(ratio(cap(135, 130), 'cap-opens-late')).toBeGreaterThan(5)
  })
})

/** Pressures read so many seconds after the cap has opened and closed. */
const bleedDown = (...readings: [seconds: number, pressure: number][]) =>
  readings.map(([seconds, pressure]) => ({ seconds, pressure: kPa(pressure) }))
const withReadings = (...readings: [number, number][]): CapTest => {
  const { after60Seconds: _, ...test } = cap(103, 0)
  return { ...test, bleedDown: bleedDown(...readings) }
}

describe('a cap that is read again and again', () => {
  it('two readings said to lie no time apart are taken as a second apart, and no figure is lost', () => {
    const { figures } = outcome(capCheck, 'cap.test', {
      ...cap(103, 98),
      bleedDown: bleedDown([0, 0], [Number.MIN_VALUE, -3]),
    } as never)
    expect(figures.bleedDown!.fallsAtEndKPaPerMinute).toBe(180)
  })
  it('is judged by what it keeps after a minute, between the readings around it', () => {
    const analysis = analyseCap(withReadings([0, 100], [30, 90], [90, 78]), mix)
    expect(analysis.heldKPaGauge).toBeCloseTo(84, 9)
    expect(analysis.states).toEqual(['will-not-hold'])
    const rests = analyseCap(withReadings([0, 100], [40, 96], [80, 96]), mix)
    expect(rests.heldKPaGauge).toBeCloseTo(96, 9)
    expect(rests.states).toEqual(['good'])
    expect(rests.bleedDown!.fallsAtEndKPaPerMinute).toBe(0)
  })
  it('is not judged by readings that end long before the minute, and says so', () => {
    const early = withReadings([0, 100], [20, 95])
    expect(analyseCap(early, mix).heldKPaGauge).toBeUndefined()
    expect(analyseCap(early, mix).states).toEqual([])
    expect(capSigns('x', early, analyseCap(early, mix)).map(({ sign }) => sign)).not.toContain(
      'cap-will-not-hold',
    )
    expect(notesOf(early)).toEqual(['note.capReadLonger', 'note.capStillFalls'])
  })
  it('boils by the last that it was seen to hold, and is not called good where that is too little', () => {
    const analysis = analyseCap(withReadings([0, 100], [60, 92], [300, 60]), mix)
    expect(analysis.states).toEqual([])
    expect(analysis.effectiveKPaGauge).toBe(60)
    expect(analysis.bleedDown!.fallsAtEndKPaPerMinute).toBeCloseTo(8, 9)
    expect(notesOf(withReadings([0, 100], [60, 92], [300, 60]))).toEqual(['note.capStillFalls'])
  })
  it('takes what was read after a minute where somebody says it', () => {
    const both = { ...withReadings([0, 100], [60, 92]), after60Seconds: kPa(50) }
    expect(analyseCap(both, mix).heldKPaGauge).toBe(50)
  })
})

describe('a cap that was found loose', () => {
  it('can be a good cap, and is a finding of its own', () => {
    const test = cap(103, 100, { asFound: 'loose' })
    expect(analyseCap(test, mix).states).toEqual(['good', 'found-loose'])
    expect(ratio(test, 'cap-left-loose')).toBeGreaterThan(100)
    expect(ratio(cap(103, 100, { asFound: 'closed' }), 'cap-left-loose')).toBeLessThan(0.2)
  })
  it('says nothing where nobody looked before it was opened', () => {
    const signs = capSigns('x', cap(103, 100), analyseCap(cap(103, 100), mix))
    expect(signs.map(({ sign }) => sign)).not.toContain('cap-left-loose')
  })
})

describe('a cap without a valve', () => {
  const sealed = (place: CapTest['place'], extra: Partial<CapTest> = {}): CapTest => ({
    place,
    marking: 'sealed',
    vacuumValve: 'not-known',
    seals: 'good',
    fitsPlace: 'not-known',
    ...extra,
  })
  const states = (test: CapTest, vessel?: SystemProfile['vessel']) =>
    analyseCap(test, mix, { vessel }).states
  it('is right beside a tank under pressure, and wrong where coolant has to come and go', () => {
    expect(states(sealed('radiator-neck'), 'pressurised-tank')).toEqual(['sealed'])
    expect(states(sealed('radiator-neck'), 'overflow-bottle')).toEqual(['wrong-for-place'])
    expect(states(sealed('tank'), 'pressurised-tank')).toEqual(['wrong-for-place'])
    expect(states(sealed('tank'))).toEqual(['wrong-for-place'])
    expect(states(sealed('radiator-neck'))).toEqual(['sealed'])
    expect(states(sealed('tank', { fitsPlace: 'right' }))).toEqual(['sealed'])
  })
  it('lays the wrong cap bare, and says that nothing lets pressure go', () => {
    const test = sealed('tank')
    const [wrong] = capSigns('x', test, analyseCap(test, mix))
    expect(wrong).toMatchObject({ sign: 'cap-wrong', says: { id: 'says.capSealed' } })
    expect(wrong!.likelihood.yes! / wrong!.likelihood.no!).toBeGreaterThan(100)
    expect(notesOf(test)).toEqual(['note.capLetsNothingGo'])
  })
  it('tests no pressure, and leads to the cap that does', () => {
    const test = sealed('radiator-neck')
    const judged = outcome(capCheck, 'cap.test', test)
    expect(notesOf(test)).toEqual(['note.capSealed'])
    expect(judged.figures.effectiveKPaGauge).toBeUndefined()
    expect(capSigns('x', test, analyseCap(test, mix)).map(({ sign }) => sign)).toEqual([
      'cap-seal-damaged',
    ])
  })
  it('takes nothing back of the cap that opens, tested before it', () => {
    const entries = records(
      ['cap.test', cap(103, 100)],
      ['cap.test', sealed('radiator-neck', { fitsPlace: 'wrong' })],
    )
    const outcomes = capCheck.assess(entries, CONTEXT)
    const standing = { outcomes, entries, ever: entries }
    expect(capCheck.facts?.(standing)).toEqual(['cap-tested', 'cap-good', 'cap-wrong'])
    expect(capCheck.sees?.(standing)).toEqual([{ part: 'cap', as: 'good' }])
    expect(capCheck.finds?.(entries, outcomes, CONTEXT).holds).toMatchObject([{ kPaGauge: 100 }])
  })
  it('opens at nothing and holds nothing: who says so is told', () => {
    expect(capTest.safeParse(sealed('tank')).success).toBe(true)
    for (const extra of [{ opening: kPa(100) }, { vacuumValve: 'free' as const }])
      expect(capTest.safeParse(sealed('tank', extra)).error!.issues[0]!.message).toBe(
        'a sealed cap has no valve that opens or holds',
      )
  })
})

describe('tester closed on itself', () => {
  it('falls fast in its small volume and still hardly matters in a vehicle', () => {
    const analysis = analyseTesterSelfCheck(
      { startPressure: kPa(100), endPressure: kPa(98), durationSeconds: 60, resolutionKPa: 0.5 },
      86.6,
    )
    expect(analysis.ownFallKPaPerMinute.value).toBeCloseTo(2)
    expect(analysis.inVehicleKPaPerMinute).toBeLessThan(0.15)
    expect(analysis.state).not.toBe('unfit')
  })
  it('one that empties itself is unfit', () => {
    const analysis = analyseTesterSelfCheck(
      {
        startPressure: kPa(100),
        endPressure: kPa(20),
        durationSeconds: 60,
        resolutionKPa: 0.5,
        enclosedML: 70,
      },
      86.6,
    )
    expect(analysis.state).toBe('unfit')
  })
})
