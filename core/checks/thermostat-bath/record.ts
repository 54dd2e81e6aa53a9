import { z } from 'zod'
import { millimetresBetween, temperature } from '../quantities'
import { called, given, measured } from '../../quantity/field'

/** A thermostat heated in a stirred bath, immersed, off the bottom, probe in the liquid. */
export const thermostatBath = z.strictObject({
  present: z.enum(['yes', 'missing']),
  /** stamped on it */
  stamped: given(temperature).optional(),
  /** what this engine asks for; taken from the profile when absent */
  specified: given(temperature).optional(),
  coldState: z.enum(['shut', 'open']),
  startsToOpen: z.union([temperature, z.literal('never')]).optional(),
  heatingKPerMinute: measured(z.number().min(0.05).max(30), {
    label: 'heating',
    unit: '°C/min',
    usualError: { share: 0.1, least: 0 },
  }).optional(),
  hottest: temperature,
  liftMm: called(millimetresBetween(0, 40, 1), 'lift').optional(),
  neededLiftMm: given(z.number().min(1).max(40), { label: 'needed lift', unit: 'mm' }).optional(),
  bath: z.enum(['water', 'glycol']),
  probe: z.enum(['in-liquid', 'infrared']),
})
export type ThermostatBath = z.infer<typeof thermostatBath>
