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
  it('is judged by where this vehicle’s fan starts, where nobody says it at the fan', () => {
    const at = (profile: object, more: object) =>
      outcome(
        fanInActionCheck,
        'fan-in-action.watch',
        {
          airConditioning: 'off',
          ran: 'no',
          coolsWhenOn: 'not-known',
          speeds: 'not-known',
          switchingPlace: celsius(99),
          ...more,
        } as never,
        { profile },
      )
    expect(at({ fanOnC: 92 }, {}).states).toEqual(['never'])
    expect(at({ fanOnC: 104 }, {}).states).toEqual(['not-called-for'])
    expect(at({ fanOnC: 92 }, { which: 'second' }).states).toEqual(['not-called-for'])
    expect(at({ fanOnC: 92, secondFanOnC: 94 }, { which: 'second' }).states).toEqual([
      'second-never',
    ])
  })
  it('a second fan that stands says that a speed is missing, and nothing of the first', () => {
    const second = watch({ which: 'second', switchingPlace: celsius(106) })
    expect(speaksFor(second.signs, 'fan-speed-missing')).toBeGreaterThan(0.9)
    expect(second.signs.some(({ sign }) => sign === 'fan-late')).toBe(false)
    const cooled = watch({ which: 'second', airConditioning: 'on' })
    expect(cooled.states).toEqual(['not-called-for'])
    expect(cooled.signs).toEqual([])
    const runs = watch({ which: 'second', ran: 'yes' })
    expect(speaksFor(runs.signs, 'fan-speed-missing')).toBeLessThan(-0.5)
    expect(runs.facts).not.toContain('fan-works')
  })
})
