import { z } from 'zod'
import { cylinder, gaugeKPa, gaugeStepKPa, rpm } from '../quantities'
import { called, measured } from '../../quantity/field'

/** One run of the starter on a cold, full, capped system, fuel off, a transducer in place of the cap, vented to zero before. */
export const crankingRun = z.strictObject({
  /** cylinders whose plug or injector was in place */
  plugged: called(z.array(cylinder).max(16), 'plugs in'),
  seconds: measured(z.number().min(1).max(60), {
    label: 'for',
    unit: 's',
    usualError: { by: 0.2 },
  }),
  crankingRpm: called(rpm, 'cranking').optional(),
  before: called(gaugeKPa, 'before cranking'),
  after: called(gaugeKPa, 'after cranking'),
  /** a rise that falls back when cranking stops is a pulse, not gas */
  staysAfter: called(z.enum(['yes', 'no', 'not-watched']), 'stays after cranking'),
  resolutionKPa: gaugeStepKPa(0.001, 20).optional(),
  /** plugs out and the engine turned by hand first, after any hold with unexplained loss */
  turnedByHandFirst: called(z.boolean(), 'turned by hand first'),
})
export type CrankingRun = z.infer<typeof crankingRun>
