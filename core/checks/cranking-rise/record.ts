import { z } from 'zod'
import { cylinder, gaugeKPa, rpm } from '../quantities'

/** One run of the starter on a cold, full, capped system, fuel off, a transducer in place of the cap, vented to zero before. */
export const crankingRun = z.strictObject({
  /** cylinders whose plug or injector was in place */
  plugged: z.array(cylinder).max(16),
  seconds: z.number().min(1).max(60),
  crankingRpm: rpm.optional(),
  before: gaugeKPa,
  after: gaugeKPa,
  /** a rise that falls back when cranking stops is a pulse, not gas */
  staysAfter: z.enum(['yes', 'no', 'not-watched']),
  resolutionKPa: z.number().min(0.001).max(20).optional(),
  /** plugs out and the engine turned by hand first, after any hold with unexplained loss */
  turnedByHandFirst: z.boolean(),
})
export type CrankingRun = z.infer<typeof crankingRun>
