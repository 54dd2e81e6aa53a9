import { z } from 'zod'

/** Pressure against coolant temperature from a cold start, adapter with relief fitted cold. °C and kPa gauge, offset taken off. */
export const runningPressure = z
  .strictObject({
    points: z
      .array(
        z.strictObject({
          seconds: z.number().min(0).max(20_000),
          coolantC: z.number().min(-50).max(160),
          pressureKPaGauge: z.number().min(-100).max(400),
        }),
      )
      .min(2)
      .max(5000),
    adapterReliefAtOrBelowCap: z.enum(['yes', 'no', 'not-said']),
    level: z.enum(['at-mark', 'overfull', 'low', 'not-known']),
  })
  .refine((r) => r.points.every((p, i) => i === 0 || p.seconds > r.points[i - 1]!.seconds), {
    message: 'the times must rise',
    path: ['points'],
  })
export type RunningPressure = z.infer<typeof runningPressure>
