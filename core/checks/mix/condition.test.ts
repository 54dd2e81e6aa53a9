import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import { mixCheck } from './check'
import { strayState } from './condition'
import type { CoolantCondition } from './record'

const NOTHING: CoolantCondition = {
  kind: 'not-known',
  inhibitor: 'not-known',
  strayWith: 'not-known',
}
const condition = (found: Partial<CoolantCondition>) =>
  outcome(mixCheck, 'mix.condition', { ...NOTHING, ...found })
const notes = (found: Partial<CoolantCondition>) => condition(found).notes.map(({ id }) => id)

describe('what coolant it is and what is left in it', () => {
  it('nothing looked at says nothing', () => {
    const { states, signs } = condition({ product: 'green' })
    expect([states, signs]).toEqual([[], []])
  })
  it('another kind speaks for a wrong coolant, and is not topped up', () => {
    expect(speaksFor(condition({ kind: 'another' }).signs, 'coolant-other')).toBeGreaterThan(1)
    expect(speaksFor(condition({ kind: 'as-specified' }).signs, 'coolant-other')).toBeLessThan(-0.4)
    expect(notes({ kind: 'another' })).toEqual(['coolant.doNotMix'])
  })
  it('a spent strip says much, one that reads low little', () => {
    const says = (inhibitor: CoolantCondition['inhibitor']) =>
      speaksFor(condition({ inhibitor }).signs, 'inhibitor-spent')
    expect(says('spent')).toBeGreaterThan(0.8)
    expect(says('low')).toBeGreaterThan(0)
    expect(says('low')).toBeLessThan(0.3)
    expect(says('good')).toBeLessThan(-0.4)
  })
  it('a tenth of a volt is none, three tenths eat metal, between them it is measured again', () => {
    expect([0, 0.1, 0.11, 0.29, 0.3, 2].map(strayState)).toEqual([
      'none',
      'none',
      'some',
      'some',
      'much',
      'much',
    ])
    expect(speaksFor(condition({ strayVolts: 0.5 }).signs, 'stray-voltage')).toBeGreaterThan(1)
    expect(condition({ strayVolts: 0.2 }).signs).toEqual([])
    expect(notes({ strayVolts: 0.2 })).toEqual(['coolant.stray.some'])
    expect(notes({ strayVolts: 0.5 })).toEqual(['coolant.stray.much'])
  })
  it('with all switched off, none found clears little', () => {
    const none = (strayWith: CoolantCondition['strayWith']) =>
      speaksFor(condition({ strayVolts: 0.02, strayWith }).signs, 'stray-voltage')
    expect(none('engine-and-consumers')).toBeLessThan(none('all-off') - 0.2)
    expect(notes({ strayVolts: 0.02, strayWith: 'all-off' })).toEqual(['coolant.strayWithAllOff'])
  })
})
