import { z } from 'zod'
import { temperature } from '../quantities'
import { called, measured } from '../../quantity/field'

const ppm = measured(z.number().min(0).max(30_000), {
  unit: 'ppm',
  usualError: { share: 0.05, least: 5 },
})

/** Exhaust analyser held over the neck, probe kept out of the liquid. */
export const gasAnalyser = z.strictObject({
  hcPpm: called(ppm, 'HC'),
  backgroundHcPpm: called(ppm, 'background HC').optional(),
  co2Percent: measured(z.number().min(0).max(20), {
    label: 'CO2',
    unit: '%',
    usualError: { by: 0.2 },
  }).optional(),
  engine: temperature.optional(),
  thermostatOpen: z.enum(['shown', 'not-shown', 'not-known']),
  load: z.enum(['idle', 'raised-speed', 'after-load-run']),
})
export type GasAnalyser = z.infer<typeof gasAnalyser>
