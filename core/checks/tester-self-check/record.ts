import { z } from 'zod'
import { pressureGauge } from '../pressure-hold/record'

/** The pressure tester closed on itself: pressure at the start and after a while, nothing else connected. */
export const testerSelfCheck = z.strictObject({
  startPressure: pressureGauge,
  endPressure: pressureGauge,
  durationSeconds: z.number().min(5).max(7200),
  resolutionKPa: z.number().min(0.01).max(50),
  /** volume enclosed by pump, hose and gauge, where it is known */
  enclosedML: z.number().min(1).max(2000).optional(),
})
export type TesterSelfCheck = z.infer<typeof testerSelfCheck>
