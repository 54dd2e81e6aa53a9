import { z } from 'zod'
import { celsiusBetween, secondsUpTo } from '../quantities'
import { measured } from '../../quantity/field'

/** Pressure against coolant temperature from a cold start, adapter with relief fitted cold. °C and kPa gauge, offset taken off. */
export const runningPressure = z
  .strictObject({
    points: z
      .array(
        z.strictObject({
          seconds: secondsUpTo(20_000),
          coolantC: celsiusBetween(-50, 160),
          pressureKPaGauge: measured(z.number().min(-100).max(400), {
            unit: 'kPa',
            usualError: { by: 1.5 },
          }),
        }),
      )
      .min(2)
      .max(5000),
    adapterReliefAtOrBelowCap: z.enum(['yes', 'no', 'not-known']),
    level: z.enum(['at-mark', 'overfull', 'low', 'not-known']),
  })
  .refine((r) => r.points.every((p, i) => i === 0 || p.seconds > r.points[i - 1]!.seconds), {
    message: 'the times must rise',
    path: ['points'],
  })
export type RunningPressure = z.infer<typeof runningPressure>
