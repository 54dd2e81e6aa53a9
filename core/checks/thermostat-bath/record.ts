import { z } from 'zod'
import { temperature } from '../quantities'

/** A thermostat heated in a stirred bath, immersed, off the bottom, probe in the liquid. */
export const thermostatBath = z.strictObject({
  present: z.enum(['yes', 'missing']),
  /** stamped on it */
  stamped: temperature.optional(),
  /** what this engine asks for; taken from the profile when absent */
  specified: temperature.optional(),
  coldState: z.enum(['shut', 'open']),
  startsToOpen: z.union([temperature, z.literal('never')]).optional(),
  heatingKPerMinute: z.number().min(0.05).max(30).optional(),
  hottest: temperature,
  liftMm: z.number().min(0).max(40).optional(),
  neededLiftMm: z.number().min(1).max(40).optional(),
  bath: z.enum(['water', 'glycol']),
  probe: z.enum(['in-liquid', 'infrared']),
})
export type ThermostatBath = z.infer<typeof thermostatBath>
