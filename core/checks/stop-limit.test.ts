import { describe, expect, it } from 'vitest'
import { CONTEXT } from './check.fixture'
import { heldNotes, stopLimitC } from './stop-limit'

describe('where a run is stopped', () => {
  it("at the vehicle's own limit, else the shop's, and never within 5 K of boiling", () => {
    expect(stopLimitC(CONTEXT, 130)).toBe(CONTEXT.policy.stopLimitC)
    expect(stopLimitC({ ...CONTEXT, profile: { stopLimitC: 105 } }, 130)).toBe(105)
    expect(stopLimitC({ ...CONTEXT, profile: { stopLimitC: 'not-known' } }, 130)).toBe(115)
    expect(stopLimitC({ ...CONTEXT, profile: { stopLimitC: 125 } }, 112)).toBe(107)
  })
  it('says when the pressure it is reckoned with was assumed', () => {
    expect(heldNotes(CONTEXT)).toEqual([])
    expect(heldNotes({ ...CONTEXT, heldBy: 'assumed' })).toHaveLength(1)
  })
})
