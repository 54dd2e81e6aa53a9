import type { ProfileNeeds, SystemProfile } from '../vehicle/profile'

/**
 * Share of the vehicles of a mixed workshop that have each kind of equipment, by field of the profile. Judgement, to one
 * figure; it counts only while nobody has said what the vehicle has.
 */
const FITTED: { readonly [K in keyof SystemProfile]?: Readonly<Record<string, number>> } = {
  fan: {
    'engine-driven': 0.02,
    'viscous-clutch': 0.24,
    'electric-relay': 0.39,
    'electric-module': 0.25,
    'thermo-switch': 0.1,
  },
  pumpDrive: { 'accessory-belt': 0.55, 'timing-belt': 0.3, gear: 0.07, electric: 0.08 },
  oilCooler: { true: 0.5 },
  transmissionCooler: { true: 0.4 },
  egrCooler: { true: 0.4 },
  turboCooled: { true: 0.5 },
  heavyDiesel: { true: 0.1 },
  heatModule: { true: 0.3 },
  heaterValve: { true: 0.4 },
  auxHeaterPump: { true: 0.2 },
  mapThermostat: { true: 0.25 },
  switchablePump: { true: 0.07 },
  electroViscous: { true: 0.1 },
  grilleShutter: { true: 0.15 },
}

/** The same where the engine is known to be a heavy diesel. */
const FITTED_TO_HEAVY_DIESELS: typeof FITTED = {
  fan: {
    'engine-driven': 0.04,
    'viscous-clutch': 0.76,
    'electric-relay': 0.1,
    'electric-module': 0.09,
    'thermo-switch': 0.01,
  },
  pumpDrive: { 'accessory-belt': 0.5, 'timing-belt': 0.01, gear: 0.45, electric: 0.04 },
  oilCooler: { true: 0.95 },
  egrCooler: { true: 0.6 },
  turboCooled: { true: 0.9 },
  electroViscous: { true: 0.3 },
}

/**
 * Chance that a vehicle has what these needs ask for: the product over the fields, 1 for a field that is known to allow
 * it and for one that this table does not know, 0 for one that is known not to.
 */
export function fittedShare(needs: ProfileNeeds | undefined, profile: SystemProfile): number {
  return Object.entries(needs ?? {}).reduce(
    (share, [field, allowed]) => share * shareOf(field as keyof SystemProfile, allowed, profile),
    1,
  )
}

function shareOf(field: keyof SystemProfile, allowed: readonly unknown[], profile: SystemProfile) {
  const value = profile[field]
  if (value !== undefined && value !== 'not-known') return allowed.includes(value) ? 1 : 0
  const shares =
    (profile.heavyDiesel === true ? FITTED_TO_HEAVY_DIESELS[field] : undefined) ?? FITTED[field]
  return shares ? allowed.reduce<number>((sum, one) => sum + (shares[String(one)] ?? 0), 0) : 1
}
