import { z } from 'zod'
import { pressureGauge } from '../pressure-hold/record'
import { gaugeStepKPa, statedML } from '../quantities'
import { given } from '../../quantity/field'

/** The pressure tester closed on itself: pressure at the start and after a while, nothing else connected. */
export const testerSelfCheck = z.strictObject({
  startPressure: pressureGauge,
  endPressure: pressureGauge,
  durationSeconds: given(z.number().min(5).max(7200), { label: 'for', unit: 's' }),
  resolutionKPa: gaugeStepKPa(0.01, 50),
  /** volume enclosed by pump, hose and gauge, where it is known */
  enclosedML: statedML('enclosed volume').optional(),
})
export type TesterSelfCheck = z.infer<typeof testerSelfCheck>
