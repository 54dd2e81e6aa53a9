import { z } from 'zod'
import { percentUpTo, volts } from '../quantities'
import { called } from '../../quantity/field'

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
  commandedPercent: called(percentUpTo(100), 'commanded'),
  /** actual speed or position in the same scale; "none" when nothing moved */
  actualPercent: called(z.union([percentUpTo(150), z.enum(['none', 'not-shown'])]), 'actual'),
  supplyVolts: called(volts, 'supply').optional(),
  calibrated: z.enum(['yes', 'no', 'not-applicable', 'not-known']),
  highVoltageLoopIdentified: z.enum(['yes', 'not-applicable', 'no']),
})
export type ActuatorTest = z.infer<typeof actuatorTest>
