import { modelKey, modelOf, type SystemProfile, type Vehicle } from '#core'
import type { Rows } from '../local-store/rows'

export interface Template {
  name: string
  profile: SystemProfile
}

/** A profile with fewer answers saves another vehicle nothing. */
const LEAST_ANSWERS = 3
/** Not acknowledged yet counts as the newest. */
const ageOf = ({ receivedAt }: Rows['profiles']) =>
  receivedAt === undefined ? Infinity : Date.parse(receivedAt)
const byAge = (a: Rows['profiles'], b: Rows['profiles']) =>
  ageOf(a) - ageOf(b) || (a.id < b.id ? -1 : 1)

/** The newest profile of each vehicle, by the vehicle's id. */
export function newestProfiles(
  profiles: Iterable<Rows['profiles']>,
): Map<string, Rows['profiles']> {
  const newest = new Map<string, Rows['profiles']>()
  for (const profile of profiles) {
    const known = newest.get(profile.vehicle)
    if (!known || byAge(known, profile) < 0) newest.set(profile.vehicle, profile)
  }
  return newest
}

/** What is one vehicle's own, and no model's. */
const systemAlone = ({ yearBuilt: _, kilometres: __, ...system }: SystemProfile): SystemProfile =>
  system

/**
 * Systems known in the shop that another vehicle can start from: the newest of each model, the same model first. `except` is the vehicle that asks.
 */
export function templatesFor(
  model: string,
  vehicles: Iterable<Omit<Vehicle, 'profile'>>,
  profileOf: (vehicleId: string) => Rows['profiles'] | undefined,
  except?: string,
): Template[] {
  const newest = new Map<string, { name: string; profile: Rows['profiles'] }>()
  for (const vehicle of vehicles) {
    const mine = profileOf(vehicle.id)
    if (vehicle.id === except || !mine || Object.keys(mine.profile).length < LEAST_ANSWERS) continue
    const name = modelOf(vehicle)
    const known = newest.get(modelKey(name))
    if (!known || ageOf(known.profile) < ageOf(mine))
      newest.set(modelKey(name), { name, profile: mine })
  }
  const same = (name: string) => Number(modelKey(name) === modelKey(model))
  return [...newest.values()]
    .map(({ name, profile }) => ({ name, profile: systemAlone(profile.profile) }))
    .sort((a, b) => same(b.name) - same(a.name) || a.name.localeCompare(b.name))
}
