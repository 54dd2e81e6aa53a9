import { describe, expect, it } from 'vitest'
import { celsius, CONTEXT, outcome } from '../check.fixture'
import { clutchHotCheck } from './check'

describe('clutch, hot', () => {
  it('hot drag and turns after switch-off carry the clutch; a policy sets the limit of turns', () => {
    const clutch = (more: object, turns = 1.5) =>
      outcome(
        clutchHotCheck,
        'clutch-hot.test',
        {
          dragHot: 'not-known',
          roarHot: 'not-heard',
          airBehindRadiator: celsius(85),
          ...more,
        } as never,
        {
          profile: { fan: 'viscous-clutch' },
          policy: { ...CONTEXT.policy, clutchTurnsAfterSwitchOff: turns },
        },
      )
    expect(clutch({ dragHot: 'none' }).states).toEqual(['slips'])
    expect(clutch({ dragHot: 'firm' }).states).toEqual(['grips'])
    expect(clutch({ dragHot: 'seized' }).states).toEqual(['locked'])
    expect(clutch({ dragHot: 'firm', roarHot: 'always' }).states).toEqual(['locked'])
    const both = clutch({ dragHot: 'none', roarHot: 'always' })
    expect([both.states, both.signs, both.notes.map((n) => n.id)]).toEqual([
      ['contradicts'],
      [],
      ['clutch.contradicts'],
    ])
    expect(clutch({ turnsAfterSwitchOff: 1.8 }).states).toEqual(['not-judged'])
    expect(clutch({ turnsAfterSwitchOff: 1.8, dragHot: 'weak' }).states).toEqual(['slips'])
    expect(clutch({ turnsAfterSwitchOff: 1.8, dragHot: 'weak' }, 2).states).toEqual(['not-judged'])
    expect(clutch({ turnsAfterSwitchOff: 3.2 }).states).toEqual(['slips'])
    expect(clutch({ turnsAfterSwitchOff: 3.2 }, 2).states).toEqual(['not-judged'])
    expect(clutch({ turnsAfterSwitchOff: 9, dragHot: 'firm' }).states).toEqual(['not-judged'])
    expect(clutch({ dragHot: 'none', airBehindRadiator: celsius(40) }).states).toEqual([
      'not-judged',
    ])
  })
})
