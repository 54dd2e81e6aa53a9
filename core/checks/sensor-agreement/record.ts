import { z } from 'zod'
import { temperature } from '../quantities'

/** The coolant temperature by scan beside a second source at the same place, and the dash. */
export const sensorAgreement = z.strictObject({
  scan: temperature,
  second: temperature,
  secondKind: z.enum(['infrared', 'contact-probe', 'gauge-port']),
  surface: z.enum(['painted-or-taped', 'bare-metal', 'hose', 'not-known']).optional(),
  dash: z.enum(['low', 'middle', 'high', 'red', 'not-known']).optional(),
  engineHot: z.enum(['yes', 'no', 'not-known']),
  level: z.enum(['full', 'low', 'not-known']),
})
export type SensorAgreement = z.infer<typeof sensorAgreement>
