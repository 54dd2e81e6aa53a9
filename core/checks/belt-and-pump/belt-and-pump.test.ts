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
    ).toEqual(['still', 'slipping', 'bearing', 'misrouted'])
  })
})
