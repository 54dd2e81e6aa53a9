import { describe, expect, it } from 'vitest'
import { CONTEXT, outcome, speaksFor } from '../check.fixture'
import { fanByHandCheck } from './check'

describe('fan by hand', () => {
  it('a clutch free when cold says little: many sound ones are', () => {
    const o = outcome(
      fanByHandCheck,
      'fan-by-hand.test',
      { drag: 'free', rocking: 'none', streaks: 'not-known', blades: 'good' },
      { profile: { fan: 'viscous-clutch' } },
    )
    expect(o.states).toEqual([])
    expect(
      outcome(
        fanByHandCheck,
        'fan-by-hand.test',
        { drag: 'free', rocking: 'none', streaks: 'no', blades: 'good' },
        { policy: { ...CONTEXT.policy, clutchColdNormal: 'some-drag' } },
      ).states,
    ).toEqual(['clutch-free'])
    const streaked = outcome(
      fanByHandCheck,
      'fan-by-hand.test',
      { drag: 'free', rocking: 'none', streaks: 'yes', blades: 'good' },
      { profile: { fan: 'viscous-clutch' } },
    )
    expect([streaked.states, streaked.notes.map((n) => n.id)]).toEqual([
      ['streaks'],
      ['fanByHand.cold.free'],
    ])
  })
  it('play in which the pulley rocks too is the pump’s bearing; the clutch alone is not', () => {
    const play = (rocking: 'pulley-too' | 'clutch-only') =>
      outcome(fanByHandCheck, 'fan-by-hand.test', {
        drag: 'some',
        rocking,
        streaks: 'no',
        blades: 'good',
      })
    expect(play('pulley-too').states).toContain('pump-bearing')
    expect(play('clutch-only').states).toContain('clutch-bearing')
    expect(speaksFor(play('pulley-too').signs, 'pulley-play')).toBeGreaterThan(1)
  })
  it('a clutch test on an electric fan is noticed', () => {
    expect(
      outcome(fanByHandCheck, 'fan-by-hand.test', {
        drag: 'free',
        rocking: 'none',
        streaks: 'no',
        blades: 'good',
      }).notes[0]!.id,
    ).toBe('note.clutchOnElectricFan')
  })
})
