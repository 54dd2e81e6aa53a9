import { describe, expect, it } from 'vitest'
import { outcome } from '../check.fixture'
import { beltAndPumpCheck } from './check'

describe('belt and pump', () => {
  it('a turning pump proves the drive, never the impeller', () => {
    const o = outcome(beltAndPumpCheck, 'belt-and-pump.look', {
      pumpTurns: 'yes',
      slip: 'none',
      wobble: 'none',
      routing: 'right',
    })
    expect(o.states).toEqual(['drive-good'])
    expect(o.facts).toContain('drive-turning')
    expect(o.doesNotProve[0]!.id).toBe('drive.pass.impeller')
    expect(
      outcome(beltAndPumpCheck, 'belt-and-pump.look', {
        pumpTurns: 'no',
        slip: 'much',
        wobble: 'wobbles',
        routing: 'wrong',
      }).states,
    ).toEqual(['still', 'slipping', 'wobbles', 'misrouted'])
  })
  it('a bearing that grinds by hand is shown; a pulley that wobbles alone is not', () => {
    const look = { pumpTurns: 'yes', slip: 'none', routing: 'right' } as const
    const wobbles = outcome(beltAndPumpCheck, 'belt-and-pump.look', { ...look, wobble: 'wobbles' })
    expect(wobbles.states).toEqual(['wobbles'])
    expect(wobbles.facts).not.toContain('bearing-rough')
    const rough = outcome(beltAndPumpCheck, 'belt-and-pump.look', {
      ...look,
      wobble: 'none',
      bearing: 'rough',
    })
    expect(rough.states).toEqual(['bearing'])
    expect(rough.facts).toContain('bearing-rough')
  })
})
