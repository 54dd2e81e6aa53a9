import { describe, expect, it } from 'vitest'
import { outcome } from '../check.fixture'
import { lookRoundCheck } from './check'

describe('air side', () => {
  it('fins clean from one side do not prove the air side; both sides do', () => {
    const one = outcome(lookRoundCheck, 'look-round.air-side', { fins: 'good' })
    expect(one.notes[0]!.id).toBe('airSide.oneSideOnly')
    expect(one.facts).not.toContain('air-side-clean')
    expect(
      outcome(lookRoundCheck, 'look-round.air-side', { fins: 'good', stack: 'good' }).facts,
    ).toContain('air-side-clean')
    expect(
      outcome(lookRoundCheck, 'look-round.air-side', { stack: 'bad', fins: 'good' }).states,
    ).toEqual(['stack'])
  })
})
