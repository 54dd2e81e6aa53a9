import type { Part } from '../casefile/profile'

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
