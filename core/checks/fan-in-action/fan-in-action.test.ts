import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { fanInActionCheck } from './check'

describe('fan in action', () => {
  const watch = (more: object) =>
    outcome(fanInActionCheck, 'fan-in-action.watch', {
      airConditioning: 'off',
      ran: 'no',
      coolsWhenOn: 'not-known',
      speeds: 'not-known',
      shouldStartAt: celsius(97),
      ...more,
    } as never)
  it('a fan that does not run says nothing until the place that switches it is hot', () => {
    expect(watch({ switchingPlace: celsius(60) }).states).toEqual(['not-called-for'])
    expect(
      Math.abs(
        speaksFor(watch({ switchingPlace: celsius(60) }).signs, 'fan-late', 'never', 'on-time'),
      ),
    ).toBeLessThan(0.05)
    expect(
      speaksFor(watch({ switchingPlace: celsius(106) }).signs, 'fan-late', 'never', 'on-time'),
    ).toBeGreaterThan(0.9)
  })
  it('running with air conditioning proves the motor and nothing about temperature control', () => {
    const o = watch({ airConditioning: 'on', ran: 'yes', switchingPlace: celsius(90) })
    expect(o.states).toEqual(['proves-motor-only'])
    expect(o.signs.some((s) => s.sign === 'fan-late')).toBe(false)
    expect(speaksFor(o.signs, 'fan-ac-dead')).toBeLessThan(-0.5)
  })
})
