import { z } from 'zod'
import { millimetresBetween, minutesBetween, temperature } from '../quantities'

/** Level against time on a hot engine, cap on, and what bubbles. Millimetres above the cold mark. */
export const levelCreep = z
  .strictObject({
    points: z
      .array(
        z.strictObject({ minutes: minutesBetween(0, 600), mm: millimetresBetween(-300, 300, 1) }),
      )
      .max(500),
    bubbles: z.enum(['none', 'at-first', 'continuous', 'not-known']),
    overflowed: z.enum(['yes', 'no', 'not-known']),
    startedAt: z.enum(['at-mark', 'above', 'below', 'not-known']),
    refilledAndNotBled: z.enum(['yes', 'no', 'not-known']),
    engine: temperature.optional(),
  })
  .refine((r) => r.points.every((p, i) => i === 0 || p.minutes > r.points[i - 1]!.minutes), {
    message: 'the times must rise',
    path: ['points'],
  })
export type LevelCreep = z.infer<typeof levelCreep>
