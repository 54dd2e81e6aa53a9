import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import type { BoltRule } from '../../vehicle/policy'
import { analyseTeardown } from './analysis'
import { teardownCheck } from './check'
import type { TeardownMeasure } from './record'

const bare: TeardownMeasure = {
  what: 'head-face',
  gaps: [],
  overheated: 'no',
  crack: 'not-known',
  gasketTrace: 'not-known',
  pitting: 'not-known',
}
const measured = (more: Partial<TeardownMeasure>) => analyseTeardown({ ...bare, ...more })
const told = (more: Partial<TeardownMeasure>) =>
  outcome(teardownCheck, 'teardown.measure', { ...bare, ...more })
const gap = (xMm: number, yMm: number, gapMm: number) => ({ xMm, yMm, gapMm })
const sign = (more: Partial<TeardownMeasure>, id: string) => speaksFor(told(more).signs, id)

describe('gaps under a straight edge', () => {
  it('of three the worst counts, and is all that is known of flatness', () => {
    const a = measured({ gaps: [gap(0, 0, 0.02), gap(200, 0, 0.05), gap(0, 400, 0.03)] })
    expect(a).toEqual({ worstGapMm: 0.05, flatnessMm: 0.05, boltsMayBeReused: true })
  })
  it('of a face that only leans, flatness is nothing, however large the gap', () => {
    const leaning = [0, 200, 400].flatMap((x) =>
      [0, 300].map((y) => gap(x, y, 0.01 + x / 10_000 + y / 20_000)),
    )
    const { worstGapMm, flatnessMm } = measured({ gaps: leaning })
    expect(worstGapMm).toBeCloseTo(0.065, 9)
    expect(flatnessMm).toBeCloseTo(0, 9)
  })
  it('of a hollow in the middle it is the hollow', () => {
    // four corners at nothing and the middle 0.1 below: the plane lies at 0.02, the middle 0.08 off it
    const gaps = [
      gap(0, 0, 0),
      gap(200, 0, 0),
      gap(0, 400, 0),
      gap(200, 400, 0),
      gap(100, 200, 0.1),
    ]
    expect(measured({ gaps }).flatnessMm).toBeCloseTo(0.1, 9)
  })
  it('gaps along one line make no plane: the worst one counts', () => {
    const gaps = [0, 100, 200, 300].map((x) => gap(x, 0, x / 10_000))
    expect(measured({ gaps }).flatnessMm).toBeCloseTo(0.03, 9)
  })
  it('at the limit a face is flat, past it warped, and without one neither', () => {
    const gaps = [gap(0, 0, 0.05)]
    expect(measured({ gaps, flatnessLimitMm: 0.05 }).warped).toBe(false)
    expect(measured({ gaps, flatnessLimitMm: 0.049 }).warped).toBe(true)
    expect(measured({ gaps })).not.toHaveProperty('warped')
    expect(measured({ flatnessLimitMm: 0.05 })).not.toHaveProperty('warped')
    expect(told({ gaps, flatnessLimitMm: 0.05 }).states).toEqual(['flat'])
    expect(told({ gaps }).states).toEqual([])
  })
  it('speak by their share of the limit, a manifold’s of its own', () => {
    const flat = (gapMm: number, what: TeardownMeasure['what'] = 'head-face') =>
      sign({ what, gaps: [gap(0, 0, gapMm)], flatnessLimitMm: 0.05 }, 'face-warped')
    expect(flat(0.2)).toBeGreaterThan(0.8)
    expect(flat(0.02)).toBeLessThan(-0.8)
    expect(flat(0.2, 'block-face')).toBeCloseTo(flat(0.2), 9)
    expect(flat(0.2, 'manifold-face')).toBe(0)
    const manifold = { what: 'manifold-face', flatnessLimitMm: 0.05 } as const
    expect(sign({ ...manifold, gaps: [gap(0, 0, 0.2)] }, 'manifold-pitted')).toBeGreaterThan(0.8)
    expect(sign({ ...manifold, gaps: [gap(0, 0, 0.02)] }, 'manifold-pitted')).toBeLessThan(-0.8)
    expect(sign({ gaps: [gap(0, 0, 0.2)] }, 'face-warped')).toBe(0)
    const [reading] = told({ gaps: [gap(0, 0, 0.2)], flatnessLimitMm: 0.05 }).signs
    expect(reading).toMatchObject({
      validity: 0.95,
      conditions: 'straight edge, head-face',
      says: {
        id: 'says.flatness',
        parameters: {
          gap: { kind: 'length', coreValue: 0.2, decimals: 2 },
          limit: { kind: 'length', coreValue: 0.05, decimals: 2 },
        },
      },
    })
  })
  it('ask for the limit where there are gaps and none was entered', () => {
    const notes = (more: Partial<TeardownMeasure>) => told(more).notes.map((n) => n.id)
    expect(notes({ gaps: [gap(0, 0, 0.05)] })).toEqual(['teardown.limitNeeded'])
    expect(notes({ gaps: [gap(0, 0, 0.05)], flatnessLimitMm: 0.05 })).toEqual([])
    expect(notes({})).toEqual([])
  })
})

describe('liners and bolts', () => {
  const limits = { low: 0.02, high: 0.1 }
  it('a liner at either limit is within it; those outside are named by number', () => {
    const a = measured({
      linerProtrusionMm: [0.02, 0.1, 0.019, 0.101],
      protrusionLimitsMm: limits,
    })
    expect(a.linersOutOfLimits).toEqual([3, 4])
    expect(a.protrusionSpreadMm).toBeCloseTo(0.082, 9)
  })
  it('without limits the spread alone is known, and of no liners nothing', () => {
    const a = measured({ linerProtrusionMm: [0.05, 0.03] })
    expect(a.protrusionSpreadMm).toBeCloseTo(0.02, 9)
    expect(a).not.toHaveProperty('linersOutOfLimits')
    expect(measured({ linerProtrusionMm: [], protrusionLimitsMm: limits })).toEqual({
      boltsMayBeReused: true,
    })
  })
  it('liners out of limits are a state and speak for a cracked block, good ones against it', () => {
    const of = (...linerProtrusionMm: number[]) => ({
      linerProtrusionMm,
      protrusionLimitsMm: limits,
    })
    expect(told(of(0.2)).states).toEqual(['liner-out'])
    expect(told(of(0.05)).states).toEqual([])
    expect(sign(of(0.2), 'block-crack')).toBeGreaterThan(0.8)
    expect(sign(of(0.05), 'block-crack')).toBeLessThan(0)
    expect(told(of(0.2)).signs[0]!.says.id).toBe('says.liners.out')
    expect(told(of(0.05)).signs[0]!.says.id).toBe('says.liners.good')
  })
  it('a bolt at its limit may be used again, a longer one not, nor any after overheating unless the shop has it so', () => {
    const bolts = (boltLengthsMm: number[], overheated: TeardownMeasure['overheated'] = 'no') => ({
      boltLengthsMm,
      boltLimitMm: 120,
      overheated,
    })
    const by = (rule: BoltRule, ...of: Parameters<typeof bolts>) =>
      analyseTeardown({ ...bare, ...bolts(...of) }, rule).boltsMayBeReused
    expect(measured(bolts([119, 120]))).toEqual({ boltsTooLong: [], boltsMayBeReused: true })
    expect(measured(bolts([119, 120.1]))).toEqual({ boltsTooLong: [2], boltsMayBeReused: false })
    expect(measured(bolts([119], 'yes')).boltsMayBeReused).toBe(false)
    expect(measured(bolts([119], 'not-known')).boltsMayBeReused).toBe(false)
    expect(by('within-limit', [119], 'yes')).toBe(true)
    expect(by('within-limit', [121], 'no')).toBe(false)
    expect(by('always-new', [119], 'no')).toBe(false)
    expect(measured({ boltLengthsMm: [130] })).not.toHaveProperty('boltsTooLong')
    expect(measured({ boltLimitMm: 120 })).not.toHaveProperty('boltsTooLong')
    expect(told(bolts([130])).states).toEqual(['bolt-long'])
    expect(told(bolts([110])).states).toEqual([])
    const notes = (...of: Parameters<typeof bolts>) => told(bolts(...of)).notes.map((n) => n.id)
    expect(notes([110], 'yes')).toEqual(['teardown.boltsAfterOverheating'])
    expect(notes([110], 'not-known')).toEqual(['teardown.boltsAfterOverheating'])
    expect(notes([110])).toEqual([])
    expect(told({ overheated: 'yes' }).notes).toEqual([])
  })
})

describe('what is looked for', () => {
  it('a crack of the face that was tested, and of no manifold', () => {
    const found = (what: TeardownMeasure['what'], crack: TeardownMeasure['crack'] = 'found') =>
      told({ what, crack })
    expect(found('head-face')).toMatchObject({ states: ['cracked'], facts: ['head-crack-found'] })
    expect(found('block-face')).toMatchObject({ states: ['cracked'], facts: ['block-crack-found'] })
    expect(found('manifold-face').facts).toEqual([])
    expect(found('manifold-face').signs.map((read) => read.sign)).toEqual(['manifold-pitted'])
    expect(found('manifold-face', 'none-after-test').signs).toEqual([])
    expect(told({}).facts).toEqual([])
    expect(sign({ crack: 'found' }, 'head-crack')).toBeGreaterThan(1)
    expect(sign({ crack: 'none-after-test' }, 'head-crack')).toBeLessThan(-0.5)
    expect(sign({ what: 'block-face', crack: 'found' }, 'block-crack')).toBeGreaterThan(1)
    expect(found('head-face').signs[0]).toMatchObject({
      source: expect.stringMatching(/#head-crack$/) as string,
      says: { id: 'says.crack.found' },
    })
    expect(found('head-face', 'none-after-test').signs[0]!.says.id).toBe('says.crack.none')
  })
  it('a trace across the gasket', () => {
    expect(sign({ gasketTrace: 'across' }, 'gasket-trace')).toBeGreaterThan(1)
    expect(sign({ gasketTrace: 'none' }, 'gasket-trace')).toBeLessThan(-0.8)
    expect(told({ gasketTrace: 'across' }).signs[0]!.says.id).toBe('says.gasketTrace.across')
    expect(told({}).signs).toEqual([])
  })
  it('pitting of a manifold only', () => {
    const at = (pitting: TeardownMeasure['pitting'], what: TeardownMeasure['what']) =>
      sign({ what, pitting }, 'manifold-pitted')
    expect(at('at-coolant-port', 'manifold-face')).toBeGreaterThan(0.8)
    expect(at('none', 'manifold-face')).toBeLessThan(-0.6)
    expect(at('at-coolant-port', 'head-face')).toBe(0)
    expect(at('not-known', 'manifold-face')).toBe(0)
    expect(told({ what: 'manifold-face', pitting: 'none' }).signs[0]!.says.id).toBe(
      'says.pitting.none',
    )
  })
})

describe('liners further apart than the maker allows', () => {
  it('are the lowest and the highest, though each by itself is within limits', () => {
    const liners = (spread?: number) =>
      measured({
        linerProtrusionMm: [0.04, 0.06, 0.05, 0.09],
        protrusionLimitsMm: { low: 0.03, high: 0.1, ...(spread ? { spread } : {}) },
      }).linersOutOfLimits
    expect([liners(), liners(0.06), liners(0.04)]).toEqual([[], [], [1, 4]])
  })
})
