import { describe, expect, it } from 'vitest'
import { CONTEXT, kPa, records, speaksFor } from '../check.fixture'
import { crankingRiseCheck } from './check'
import { analyseCranking, type CrankingAnalysis } from './analysis'

const run = (plugged: number[], rise: number, more: object = {}) => ({
  source: `r${plugged.join()}`,
  plugged,
  seconds: 5,
  crankingRpm: 220,
  before: kPa(0),
  after: kPa(rise),
  staysAfter: 'yes' as const,
  resolutionKPa: 0.1,
  turnedByHandFirst: true,
  ...more,
})

describe('cranking pressure rise', () => {
  it('two cylinders are found when it is two, with intervals that hold them', () => {
    const a = analyseCranking(
      [
        run([1, 2, 3, 4], 10),
        run([1, 3, 4], 5),
        run([1, 2, 4], 5),
        run([2, 3, 4], 10),
        run([1, 2, 3], 10),
      ],
      4,
    )
    expect(a.state).toBe('rise')
    expect(a.resolved).toBe(true)
    const [one, two, three, four] = a.shares
    for (const s of [two!, three!]) {
      expect(s.share).toBeGreaterThan(0.35)
      expect(s.kPaPerSecond.low).toBeLessThanOrEqual(1)
      expect(s.kPaPerSecond.high).toBeGreaterThanOrEqual(1)
      expect(s.kPaPerSecond.low).toBeGreaterThan(0.3)
    }
    for (const s of [one!, four!]) expect(s.share).toBeLessThan(0.12)
  })
  it('one run of all tells that there is a path and not where; the next run is one that tells more', () => {
    const a = analyseCranking([run([1, 2, 3, 4], 8)], 4)
    expect(a.resolved).toBe(false)
    expect(a.nextRun!.length).toBeLessThanOrEqual(2)
    const b = analyseCranking([run([1, 2, 3, 4], 8), run(a.nextRun!, 8)], 4)
    expect(b.shares.find((s) => a.nextRun!.includes(s.cylinder))!.share).toBeGreaterThan(0.4)
  })
  it('one run of all shares nothing out: each cylinder may make none of it, or all', () => {
    const { shares } = analyseCranking([run([1, 2, 3, 4], 8)], 4)
    for (const { share, kPaPerSecond } of shares) {
      expect(share).toBeCloseTo(0.25, 3)
      expect(kPaPerSecond.low).toBe(0)
      expect(kPaPerSecond.high).toBeGreaterThanOrEqual(8 / 5)
    }
  })
  it('a run without a cylinder bounds what it can make', () => {
    const { shares } = analyseCranking([run([1, 2, 3, 4], 10), run([1, 2], 2)], 4)
    expect(shares[0]!.kPaPerSecond.high).toBeLessThan(0.5)
    expect(shares[2]!.kPaPerSecond.high).toBeGreaterThan(1.9)
  })
  it('a rise of one step of a coarse gauge is doubtful, of several not', () => {
    const coarse = (rise: number) =>
      analyseCranking([run([1, 2, 3, 4], rise, { resolutionKPa: 2 })], 4).state
    expect([coarse(2), coarse(6)]).toEqual(['doubtful', 'rise'])
  })
  it('a rise that is located speaks for gas once more', () => {
    const of = (...runs: object[]) =>
      crankingRiseCheck.assess(
        records(...runs.map((r): ['cranking-rise.run', object] => ['cranking-rise.run', r])),
        { ...CONTEXT, profile: { cylinders: 2 } },
      )[0]!
    const all = of(run([1, 2], 8))
    const located = of(run([1, 2], 8), run([1], 7.6), run([2], 0.2))
    expect((located.figures as CrankingAnalysis).located).toBe(1)
    expect((all.figures as CrankingAnalysis).located).toBeUndefined()
    expect(speaksFor(located.signs, 'cranking-rise')).toBeGreaterThan(
      speaksFor(all.signs, 'cranking-rise') + 0.8,
    )
  })
  it('cranking is faster with plugs out: at known speeds the same share comes out', () => {
    const a = analyseCranking(
      [run([1, 2], 4, { crankingRpm: 200 }), run([1], 6, { crankingRpm: 300 })],
      2,
    )
    expect(a.rates[1]!.kPaPerSecond).toBeCloseTo(a.rates[0]!.kPaPerSecond, 6)
    expect(a.shares[0]!.share).toBeGreaterThan(0.8)
  })
  it('runs that do not add up are said to be so: a breach between two cylinders', () => {
    const a = analyseCranking([run([1, 2], 10), run([1], 0), run([2], 0), run([1, 2], 10)], 2)
    expect(a.fits).toBe(false)
  })
  it('a rise that falls back when cranking stops is no gas, and no rise is no rise', () => {
    expect(analyseCranking([run([1, 2, 3, 4], 8, { staysAfter: 'no' })], 4).state).toBe('no-run')
    expect(analyseCranking([run([1, 2, 3, 4], 0.1)], 4).state).toBe('no-rise')
  })
  it('warns of a full cylinder unless it was turned by hand, and does not tell gasket from crack', () => {
    const o = crankingRiseCheck.assess(
      records(['cranking-rise.run', run([1, 2, 3, 4], 8, { turnedByHandFirst: false })]),
      CONTEXT,
    )[0]!
    expect(o.cautions[0]!.id).toBe('caution.cylinderMayBeFull')
    expect(o.doesNotProve.map((m) => m.id)).toContain('cranking.gasketOrCrack')
    expect(speaksFor(o.signs, 'cranking-rise')).toBeGreaterThan(0.8)
    expect((o.figures as CrankingAnalysis).shares.length).toBe(4)
  })
  it('a cylinder that the engine does not have is left out and said', () => {
    const o = crankingRiseCheck.assess(records(['cranking-rise.run', run([5], 8)]), CONTEXT)[0]!
    expect(o.notes[0]!.id).toBe('note.noSuchCylinder')
    expect(o.signs).toEqual([])
  })
})
