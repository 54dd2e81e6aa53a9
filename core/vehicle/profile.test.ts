import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  coolDownMinutesOf,
  knownValue,
  mayHave,
  NOT_KNOWN,
  type SystemProfile,
  systemProfile,
} from './profile'

describe('a system profile', () => {
  it.each<[string, SystemProfile]>([
    ['nothing that anybody said', {}],
    [
      'what could not be found out',
      { fan: NOT_KNOWN, capacityLitres: NOT_KNOWN, rearHeater: NOT_KNOWN },
    ],
    [
      'two caps, one of them without its mark',
      { caps: [{ place: 'tank', ratingKPa: 103, vented: true }, { place: 'radiator-neck' }] },
    ],
    ['water alone', { coolant: 'water', glycolVolumeFraction: 0 }],
    ['where its figures come from', { figuresFrom: 'plate under the hood' }],
  ])('may hold %s', (_, profile) => expect(systemProfile.parse(profile)).toEqual(profile))

  it.each<[string, object]>([
    ['a fan of a kind that there is none of', { fan: 'steam' }],
    ['a thermostat that opens in ice', { thermostatRatingC: 20 }],
    ['more caps than places', { caps: Array(5).fill({ place: 'tank' }) }],
    ['a cap that holds as much as a tyre', { caps: [{ place: 'tank', ratingKPa: 400 }] }],
    ['more glycol than anything is filled with', { glycolVolumeFraction: 0.9 }],
    ['half a cylinder', { cylinders: 3.5 }],
    ['a field that nobody knows', { wheels: 4 }],
    ['a word where a figure belongs', { fanOnC: 'hot' }],
  ])('does not hold %s', (_, profile) =>
    expect(systemProfile.safeParse(profile).success).toBe(false),
  )
})

describe('what is known', () => {
  it('is neither what nobody asked for nor what nobody found out', () => {
    expect(knownValue(undefined)).toBeUndefined()
    expect(knownValue(NOT_KNOWN)).toBeUndefined()
    expect(knownValue(false)).toBe(false)
    expect(knownValue(0)).toBe(0)
  })
})

describe('what a vehicle may have', () => {
  const electric = { fan: ['electric-relay', 'electric-module'] } as const
  it.each<[boolean, SystemProfile]>([
    [true, {}],
    [true, { fan: NOT_KNOWN }],
    [true, { fan: 'electric-module' }],
    [false, { fan: 'viscous-clutch' }],
    [true, { fan: 'electric-relay', rearHeater: true }],
  ])('%s with %o', (expected, profile) => expect(mayHave(profile, electric)).toBe(expected))

  it('is everything where nothing is asked for', () => {
    expect(mayHave({ fan: 'viscous-clutch' })).toBe(true)
    expect(mayHave({ fan: 'viscous-clutch' }, {})).toBe(true)
  })
  it('is all that is asked for together', () => {
    const both = { ...electric, rearHeater: [true] }
    expect(mayHave({ fan: 'electric-relay', rearHeater: false }, both)).toBe(false)
    expect(mayHave({ fan: 'electric-relay' }, both)).toBe(true)
  })
  it('never grows by knowing more', () => {
    const fan = fc.constantFrom(
      undefined,
      NOT_KNOWN,
      'electric-relay',
      'viscous-clutch',
    ) as fc.Arbitrary<SystemProfile['fan']>
    const flag = fc.constantFrom(undefined, NOT_KNOWN, true, false) as fc.Arbitrary<
      boolean | undefined
    >
    fc.assert(
      fc.property(fan, flag, flag, (of, rearHeater, heaterValve) => {
        const needs = { ...electric, rearHeater: [true], heaterValve: [false] }
        const whole = { fan: of, rearHeater, heaterValve } as SystemProfile
        if (mayHave(whole, needs))
          for (const key of Object.keys(whole) as (keyof SystemProfile)[])
            expect(mayHave({ ...whole, [key]: undefined }, needs)).toBe(true)
      }),
    )
  })
})

describe('how long an engine takes to cool', () => {
  it.each<[number, SystemProfile]>([
    [60, {}],
    [60, { heavyDiesel: NOT_KNOWN }],
    [60, { heavyDiesel: false }],
    [90, { heavyDiesel: true }],
    [45, { heavyDiesel: true, coolDownMinutes: 45 }],
    [90, { heavyDiesel: true, coolDownMinutes: NOT_KNOWN }],
  ])('%i min with %o', (minutes, profile) => expect(coolDownMinutesOf(profile)).toBe(minutes))
})
