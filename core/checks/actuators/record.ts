import { z } from 'zod'
import { volts } from '../quantities'

/** A commanded device: what was asked, what it did, and whether it had supply. */
export const actuatorTest = z.strictObject({
  device: z.enum([
    'coolant-pump',
    'switchable-pump',
    'heat-module',
    'map-thermostat',
    'aux-heater-pump',
    'heater-valve',
    'grille-shutter',
    'fan-clutch',
    'blend-door',
  ]),
  commandedPercent: z.number().min(0).max(100),
  /** actual speed or position in the same scale; "none" when nothing moved */
  actualPercent: z.union([z.number().min(0).max(150), z.enum(['none', 'not-shown'])]),
  supplyVolts: volts.optional(),
  calibrated: z.enum(['yes', 'no', 'not-applicable', 'not-known']),
  highVoltageLoopIdentified: z.enum(['yes', 'not-applicable', 'no']),
})
export type ActuatorTest = z.infer<typeof actuatorTest>
