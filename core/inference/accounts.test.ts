import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Level, LEVELS } from '../knowledge/levels'
import { abnormalIn, accountFor, normalGiven } from './accounts'
import { Belief } from './belief'
import { buildModel } from './model'
import { modelOrSkip, randomCase } from './random-book.fixture'
import { bareBook, bareFault, bareReading, bareSign } from './small-book.fixture'

const sign = (id: string) =>
  bareSign(id, { states: ['no', 'yes'], leak: { yes: id === 'steam' ? 'rarely' : 'never' } })
const fault = (id: string, shows: Readonly<Record<string, Level>>) =>
  bareFault(id, {
    lossPrior: 'common',
    effects: Object.entries(shows).map(([of, yes]) => ({
      sign: of,
      atLeast: { yes },
      because: '',
    })),
  })
/** Hose and core both wet the ground, the core more often, and it alone the carpet; nothing shows steam. */
const BOOK = bareBook(
  {
    faults: [
      fault('hose', { ground: 'often' }),
      fault('core', { ground: 'mostly', carpet: 'often' }),
      fault('cap', {}),
    ],
    signs: [sign('ground'), sign('carpet'), sign('steam')],
  },
  0.8,
)
const seen = (of: string, epoch = 0) => bareReading(of, { no: 0.001, yes: 0.9 }, epoch)
const MODEL = buildModel(BOOK, 'coolant-loss', {})
const [HOSE, CORE] = [0, 1]
const all = (belief: Belief) => belief.allSets()

describe('what faults account for', () => {
  const both = new Belief(MODEL, [seen('ground'), seen('carpet')])
  it('of one that shows half of what was found, the other half is left to whom it belongs', () => {
    const { found, left } = accountFor(both, [HOSE], all(both))!
    expect(found).toBe(2)
    const carpet = left.find((one) => one.sign === 'carpet')!
    expect(carpet.share).toBe(0)
    expect(carpet.others.map((other) => other.fault)).toEqual(['core'])
    expect(carpet.others[0]!.share).toBeGreaterThan(0.8)
  })
  it('a sign that both show is shared out as noisy-or has it', () => {
    const ground = accountFor(both, [HOSE], all(both))!.left.find((one) => one.sign === 'ground')!
    const [often, mostly] = [-Math.log(1 - LEVELS.often), -Math.log(1 - LEVELS.mostly)]
    const [core] = ground.others
    expect(core!.fault).toBe('core')
    expect(core!.share / ground.share).toBeGreaterThan((0.9 * mostly) / often)
    // Where the core is not there beside it, the hose has all of it.
    expect(ground.share + core!.share).toBeCloseTo(1, 3)
  })
  it('both together account for all of it, and a third leaves all of it', () => {
    expect(accountFor(both, [HOSE, CORE], all(both))!.left).toEqual([])
    expect(accountFor(both, [2], all(both))!.left).toHaveLength(2)
  })
  it('what nothing in the book shows is left to nobody', () => {
    const odd = new Belief(MODEL, [seen('steam')])
    expect(accountFor(odd, [HOSE], all(odd))!.left).toEqual([
      { sign: 'steam', share: 0, others: [] },
    ])
  })
  it('what was mended since accounts for what was read before', () => {
    const timeline = [{ repaired: [CORE], brought: [] }]
    const after = new Belief(MODEL, [seen('ground'), seen('carpet')], timeline)
    expect(accountFor(after, [2], all(after))!.left).toEqual([])
    const again = new Belief(MODEL, [seen('ground'), seen('carpet'), seen('ground', 1)], timeline)
    const left = accountFor(again, [2], all(again))!.left
    expect(left.map((one) => one.sign)).toEqual(['ground'])
    expect(left[0]!.others.map((other) => other.fault)).toEqual(['hose'])
  })
  it('is nothing where the faults cannot be there', () => {
    const belief = new Belief(MODEL, [], [{ repaired: [HOSE], brought: [] }])
    expect(accountFor(belief, [HOSE], all(belief))).toBeUndefined()
  })
  it('shares lie between none and all, and add up to no more, in any book', () => {
    fc.assert(
      fc.property(randomCase, fc.nat(2), (random, f) => {
        const { model } = modelOrSkip(random)
        const belief = new Belief(
          model,
          random.readings.filter(({ epoch }) => epoch === 0),
        )
        const accounts = accountFor(belief, [f], belief.allSets())
        if (!accounts) return
        expect(accounts.found).toBe(abnormalIn(belief).length)
        for (const { share, others } of accounts.left) {
          const sum = others.reduce((added, other) => added + other.share, share)
          expect(Math.min(share, ...others.map((other) => other.share))).toBeGreaterThanOrEqual(0)
          expect(sum).toBeLessThanOrEqual(1 + 1e-9)
        }
      }),
      { numRuns: 200 },
    )
  })
  it('a sign is normal less often with every fault more', () => {
    for (const one of BOOK.signs.map(({ id }) => MODEL.signs.get(id)!)) {
      const none = normalGiven(MODEL, one, [])
      expect(normalGiven(MODEL, one, [HOSE])).toBeLessThanOrEqual(none)
      expect(normalGiven(MODEL, one, [HOSE, CORE])).toBeLessThanOrEqual(
        normalGiven(MODEL, one, [HOSE]),
      )
    }
  })
})
