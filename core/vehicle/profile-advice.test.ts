import { describe, expect, it } from 'vitest'
import { sentence } from '../../words/catalogue'
import type { SystemProfile } from './profile'
import { profileAdvice } from './profile-advice'

const said = (profile: SystemProfile) => profileAdvice(profile).map((m) => m.id)

describe('what does not fit together in a profile', () => {
  it('a cap of another rating than the system is made for, either way', () => {
    expect(said({ systemRatingKPa: 103, caps: [{ place: 'tank', ratingKPa: 138 }] })).toEqual([
      'profile.capTooHigh',
    ])
    expect(said({ systemRatingKPa: 138, caps: [{ place: 'tank', ratingKPa: 90 }] })).toEqual([
      'profile.capTooLow',
    ])
    expect(said({ systemRatingKPa: 103, caps: [{ place: 'tank', ratingKPa: 100 }] })).toEqual([])
  })
  it('a sealed cap on an open bottle, a vented one where pressure is held', () => {
    expect(said({ vessel: 'overflow-bottle', caps: [{ place: 'tank', vented: false }] })).toEqual([
      'profile.bottleCapSealed',
    ])
    expect(
      said({ vessel: 'overflow-bottle', caps: [{ place: 'radiator-neck', vented: true }] }),
    ).toEqual(['profile.neckCapVented'])
    expect(said({ vessel: 'pressurised-tank', caps: [{ place: 'tank', vented: true }] })).toEqual([
      'profile.tankCapVented',
    ])
  })
  it('fan temperatures the wrong way round, and a fan before the thermostat', () => {
    expect(said({ fanOnC: 92, fanOffC: 96 })).toEqual(['profile.fanTemperatures'])
    expect(said({ fanOnC: 85, thermostatRatingC: 88 })).toEqual(['profile.fanBeforeThermostat'])
  })
  it('unknown and absent say nothing, and everything said has words', () => {
    expect(said({})).toEqual([])
    expect(
      said({
        systemRatingKPa: 'not-known',
        caps: [{ place: 'tank', ratingKPa: 138 }],
        fanOnC: 'not-known',
        fanOffC: 99,
      }),
    ).toEqual([])
    for (const m of profileAdvice({
      systemRatingKPa: 103,
      caps: [{ place: 'tank', ratingKPa: 138, vented: true }],
      vessel: 'pressurised-tank',
      fanOnC: 80,
      fanOffC: 96,
      thermostatRatingC: 88,
    }))
      expect(sentence(m)).not.toContain('{')
  })
})
