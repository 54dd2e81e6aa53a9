import { knownValue, type SystemProfile } from './profile'

/** A vehicle as it was taken in, with its profile as it is now. */
interface Known {
  year?: number | undefined
  kilometres?: number | undefined
  profile: SystemProfile
}
interface YearAndDistance {
  year: number | undefined
  kilometres: number | undefined
}

/**
 * When a vehicle was built and how far it has gone, km: by its profile, in which both are corrected and the distance
 * grows from visit to visit, or else as it was taken in.
 * @example yearAndDistance({ kilometres: 90_000, profile: { kilometres: 182_000 } }).kilometres // 182000
 */
export function yearAndDistance(vehicle: Known): YearAndDistance {
  const { yearBuilt, kilometres } = vehicle.profile
  return {
    year: knownValue(yearBuilt) ?? vehicle.year,
    kilometres: knownValue(kilometres) ?? vehicle.kilometres,
  }
}

/**
 * The vehicle's profile with what was said anew of its year and distance; the rest stands as it was taken in.
 * @example profileWithAge({ profile: {} }, { year: 2011, kilometres: undefined }).yearBuilt // 2011
 */
export function profileWithAge(vehicle: Known, said: YearAndDistance): SystemProfile {
  const before = yearAndDistance(vehicle)
  return {
    ...vehicle.profile,
    ...(said.year !== before.year && { yearBuilt: said.year }),
    ...(said.kilometres !== before.kilometres && { kilometres: said.kilometres }),
  }
}
