import { z } from 'zod'
import { temperature } from '../quantities'

/** Exhaust analyser held over the neck, probe kept out of the liquid. */
export const gasAnalyser = z.strictObject({
  hcPpm: z.number().min(0).max(30_000),
  backgroundHcPpm: z.number().min(0).max(30_000).optional(),
  co2Percent: z.number().min(0).max(20).optional(),
  engine: temperature.optional(),
  thermostatOpen: z.enum(['shown', 'not-shown', 'not-known']),
  load: z.enum(['idle', 'raised-speed', 'after-load-run']),
})
export type GasAnalyser = z.infer<typeof gasAnalyser>
