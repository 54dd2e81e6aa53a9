import { message, type Message } from '../quantity/message'
import { knownValue, type SystemProfile } from './profile'

/** Ratings further apart than this do not belong to one system, kPa. */
const CAP_BAND_KPA = 8

/**
 * What does not fit together in a profile: a cap of another rating than the system's, a pressure cap on a bottle that
 * should be vented, a vented one where pressure is held, fan temperatures the wrong way round, a second fan that starts before the
 * first, a thermostat above the fan's start. Empty when nothing speaks against it; unknown fields say nothing.
 */
export function profileAdvice(profile: SystemProfile): Message[] {
  const out: Message[] = []
  const system = knownValue(profile.systemRatingKPa)
  const vessel = knownValue(profile.vessel)
  for (const cap of profile.caps ?? []) {
    const rating = knownValue(cap.ratingKPa)
    const vented = knownValue(cap.vented)
    if (system !== undefined && rating !== undefined && Math.abs(rating - system) > CAP_BAND_KPA)
      out.push(
        message(rating > system ? 'profile.capTooHigh' : 'profile.capTooLow', {
          cap: { kind: 'pressure', coreValue: rating },
          system: { kind: 'pressure', coreValue: system },
        }),
      )
    if (vessel === 'overflow-bottle' && cap.place === 'tank' && vented === false)
      out.push(message('profile.bottleCapSealed'))
    if (vessel === 'overflow-bottle' && cap.place === 'radiator-neck' && vented === true)
      out.push(message('profile.neckCapVented'))
    if (vessel === 'pressurised-tank' && cap.place === 'tank' && vented === true)
      out.push(message('profile.tankCapVented'))
  }
  const on = knownValue(profile.fanOnC)
  const off = knownValue(profile.fanOffC)
  if (on !== undefined && off !== undefined && off >= on)
    out.push(message('profile.fanTemperatures'))
  const second = knownValue(profile.secondFanOnC)
  if (on !== undefined && second !== undefined && second < on)
    out.push(message('profile.secondFanFirst'))
  const rating = knownValue(profile.thermostatRatingC)
  if (on !== undefined && rating !== undefined && on <= rating)
    out.push(message('profile.fanBeforeThermostat'))
  return out
}
