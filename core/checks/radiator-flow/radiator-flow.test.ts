import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import { radiatorFlowCheck } from './check'

describe('radiator flow', () => {
  it('backing up is strong, passing is weak, and one tank hides the other', () => {
    const flow = (
      passes: 'backs-up' | 'as-fast-as-in',
      lookedFromBothTanks: 'both-clear' | 'one-only' | 'not-known',
    ) => outcome(radiatorFlowCheck, 'radiator-flow.test', { passes, lookedFromBothTanks })
    expect(speaksFor(flow('backs-up', 'not-known').signs, 'flow-restricted')).toBeGreaterThan(
      2 * -speaksFor(flow('as-fast-as-in', 'not-known').signs, 'flow-restricted'),
    )
    expect(flow('as-fast-as-in', 'one-only').notes[0]!.id).toBe('flow.lookFromBoth')
    expect(flow('backs-up', 'one-only').facts).toEqual([])
  })
  it('deposits in a tank of one that passes speak of what lies in the system, hardly of its tubes', () => {
    const flow = (passes: 'backs-up' | 'as-fast-as-in', lookedFromBothTanks: 'deposits-seen') =>
      outcome(radiatorFlowCheck, 'radiator-flow.test', { passes, lookedFromBothTanks })
    const [through, held] = [
      flow('as-fast-as-in', 'deposits-seen'),
      flow('backs-up', 'deposits-seen'),
    ]
    expect([through.states, held.states]).toEqual([['deposits'], ['restricted']])
    expect(speaksFor(through.signs, 'crunch-in-hoses')).toBe(
      speaksFor(held.signs, 'crunch-in-hoses'),
    )
    expect(speaksFor(held.signs, 'flow-restricted')).toBeGreaterThan(1.5)
    expect(Math.abs(speaksFor(through.signs, 'flow-restricted'))).toBeLessThan(0.3)
  })
})
