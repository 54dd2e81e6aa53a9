import { z } from 'zod'

/** What workshops and keepers renew before the cause is known. */
export const RENEWABLE = [
  'thermostat',
  'pump',
  'radiator',
  'cap',
  'fan-clutch',
  'fan-motor',
  'upper-hose',
  'lower-hose',
  'heater-hoses',
  'heater-core',
  'expansion-tank',
  'coolant-sensor',
  'head-gasket',
  'coolant',
] as const
export const renewable = z.enum(RENEWABLE)
export type Renewable = z.infer<typeof renewable>
