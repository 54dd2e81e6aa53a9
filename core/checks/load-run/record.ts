import { z } from 'zod'
import { ambientC, celsiusBetween, minutesBetween } from '../quantities'

/** A drive by segments, from the technician's notes or from a log: scan temperatures, °C. */
export const loadRun = z.strictObject({
  ambient: ambientC.optional(),
  segments: z
    .array(
      z.strictObject({
        kind: z.enum(['idle', 'town', 'cruise', 'climb']),
        minutes: minutesBetween(0.2, 600),
        meanC: celsiusBetween(-40, 160),
        maxC: celsiusBetween(-40, 160),
        airConditioning: z.enum(['on', 'off']),
        heater: z.enum(['on', 'off']),
        load: z.enum(['within', 'beyond', 'not-known']),
      }),
    )
    .min(1)
    .max(100),
  coolsWithAirConditioningOff: z.enum(['yes', 'no', 'not-known']),
  coolsWithHeaterOn: z.enum(['yes', 'no', 'not-known']),
})
export type LoadRun = z.infer<typeof loadRun>
