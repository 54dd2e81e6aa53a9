import { z } from 'zod'
import type { SystemProfile } from './profile'

export const PARTS = [
  'radiator',
  'upper-hose',
  'lower-hose',
  'thermostat',
  'engine',
  'pump',
  'heater-hoses',
  'heater-core',
  'expansion-tank',
  'cap',
  'fan',
  'bypass-hose',
  'oil-cooler',
  'egr-cooler',
  'turbo-line',
] as const
export const part = z.enum(PARTS)
export type Part = z.infer<typeof part>

/** The parts this vehicle has. A part whose presence is not known counts as present, so that nothing is hidden. */
export function partsOf(profile: SystemProfile): Part[] {
  const absent: Partial<Record<Part, boolean>> = {
    'oil-cooler': profile.oilCooler === false && profile.transmissionCooler === false,
    'egr-cooler': profile.egrCooler === false,
    'turbo-line': profile.turboCooled === false,
  }
  return PARTS.filter((p) => !absent[p])
}

/** What a technician calls each part of the loop. */
export const PART_NAMES: Readonly<Record<Part, string>> = {
  radiator: 'Radiator',
  'upper-hose': 'Upper hose',
  'lower-hose': 'Lower hose',
  thermostat: 'Thermostat housing',
  engine: 'Engine',
  pump: 'Pump',
  'heater-hoses': 'Heater hoses',
  'heater-core': 'Heater core',
  'expansion-tank': 'Tank',
  cap: 'Cap',
  fan: 'Fan',
  'bypass-hose': 'Small hoses',
  'oil-cooler': 'Oil cooler',
  'egr-cooler': 'EGR cooler',
  'turbo-line': 'Turbo line',
}

/** Where a drip from each part lands first, by gravity. A wet part below is no proof against it. */
export const DRIPS_ONTO: Readonly<Partial<Record<Part, readonly Part[]>>> = {
  'upper-hose': ['radiator', 'lower-hose'],
  'expansion-tank': ['heater-hoses', 'lower-hose'],
  cap: ['expansion-tank', 'radiator'],
  thermostat: ['pump', 'engine'],
  'bypass-hose': ['engine', 'pump'],
  'heater-hoses': ['engine'],
  'turbo-line': ['engine'],
  'egr-cooler': ['engine'],
  engine: ['pump', 'lower-hose'],
  pump: ['lower-hose'],
  radiator: ['lower-hose'],
}
