import { describe, expect, it } from 'vitest'
import { outcome } from '../check.fixture'
import { refillCheck } from './check'

describe('refill', () => {
  it('a refill that shows the air out meets the bled guard; flushing with water first thins the mix', () => {
    const fill = (more: object) =>
      outcome(refillCheck, 'refill.fill', {
        method: 'gravity-with-bleeders',
        airOut: 'shown',
        complaintAfter: 'gone',
        ...more,
      } as never)
    expect(fill({}).facts).toEqual(['bled', 'level-full-air-out', 'complaint-gone'])
    const thin = fill({
      amount: { typed: '5', value: 5, unit: 'L', si: 5 },
      premixFraction: 0.5,
      flushPasses: 3,
    })
    expect(thin.notes[0]!.id).toBe('refill.thin')
    expect(thin.figures).toMatchObject({ fractionAfterFlush: 0.25, residualShare: 0.125 })
  })
})
