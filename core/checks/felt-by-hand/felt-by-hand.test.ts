import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import { feltByHandCheck } from './check'
import type { FeltByHand } from './record'
import { feltSigns } from './signs'

const NOTHING: FeltByHand = {
  engine: 'needle-up',
  upperHose: 'not-known',
  lowerHose: 'not-known',
  heaterInlet: 'not-known',
  heaterOutlet: 'not-known',
  radiatorFace: 'not-known',
  lowerHoseRevved: 'not-known',
}
const OUTLET = { thermostatSide: 'outlet' as const }
const signs = (more: Partial<FeltByHand>, profile = {}) =>
  feltSigns('r', { ...NOTHING, ...more }, profile)
const named = (more: Partial<FeltByHand>, profile = {}) => signs(more, profile).map((s) => s.sign)

describe('hoses by hand', () => {
  it('a cold upper hose on a hot engine speaks for a thermostat that stays shut', () => {
    const [cold] = signs({ engine: 'too-hot', upperHose: 'cold' }, OUTLET)
    expect(cold!.sign).toBe('opening-late')
    expect(cold!.likelihood.never!).toBeGreaterThan(8 * cold!.likelihood.normal!)
    const [hot] = signs({ engine: 'too-hot', upperHose: 'hot' }, OUTLET)
    expect(hot!.likelihood.normal!).toBeGreaterThan(8 * hot!.likelihood.never!)
  })
  it('with the thermostat at the inlet it is the lower hose that is held back', () => {
    expect(named({ upperHose: 'cold' }, { thermostatSide: 'inlet' })).toEqual([])
    expect(named({ lowerHose: 'cold' }, { thermostatSide: 'inlet' })).toEqual(['opening-late'])
  })
  it('a side that nobody knows counts for less, and is said', () => {
    const known = signs({ upperHose: 'cold' }, OUTLET)[0]!
    expect(signs({ upperHose: 'cold' })[0]!.validity).toBeLessThan(0.7 * known.validity)
    const notes = outcome(feltByHandCheck, 'felt-by-hand.feel', NOTHING, {
      profile: {},
    }).notes.map(({ id }) => id)
    expect(notes).toContain('feltByHand.sideTaken')
  })
  it('warm early says open, on an engine just started, and of the rest nothing then', () => {
    const started = { engine: 'just-started', upperHose: 'hot', heaterInlet: 'cold' } as const
    expect(named(started, OUTLET)).toEqual(['opening-early'])
    const [early] = signs(started, OUTLET)
    expect(early!.likelihood['from-start']!).toBeGreaterThan(8 * early!.likelihood.no!)
  })
  it('the outlet says something only behind a hot inlet', () => {
    expect(named({ heaterInlet: 'hot', heaterOutlet: 'cold' })).toContain('heater-drop')
    expect(named({ heaterInlet: 'cold', heaterOutlet: 'cold' })).not.toContain('heater-drop')
  })
  it('words carry less than a thermometer: the lead is at most 10 dB', () => {
    for (const engine of ['needle-up', 'too-hot', 'not-known'] as const)
      for (const felt of ['cold', 'lukewarm', 'hot'] as const) {
        const read = signs({ engine, heaterInlet: felt })
        expect(Math.abs(speaksFor(read, 'heater-inlet-cool'))).toBeLessThan(1)
      }
  })
  it('nothing felt is no finding', () => {
    const found = outcome(feltByHandCheck, 'felt-by-hand.feel', NOTHING, { profile: {} })
    expect([found.states, found.signs]).toEqual([[], []])
  })
})
