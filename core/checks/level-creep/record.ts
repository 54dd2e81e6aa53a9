import { z } from 'zod'
import { temperature } from '../quantities'

/** Level against time on a hot engine, cap on, and what bubbles. Millimetres above the cold mark. */
export const levelCreep = z
  .strictObject({
    points: z
      .array(
        z.strictObject({ minutes: z.number().min(0).max(600), mm: z.number().min(-300).max(300) }),
      )
      .max(500),
    bubbles: z.enum(['none', 'at-first', 'continuous', 'not-seen']),
    overflowed: z.enum(['yes', 'no', 'not-seen']),
    startedAt: z.enum(['at-mark', 'above', 'below', 'not-known']),
    refilledAndNotBled: z.enum(['yes', 'no', 'not-known']),
    engine: temperature.optional(),
  })
  .refine((r) => r.points.every((p, i) => i === 0 || p.minutes > r.points[i - 1]!.minutes), {
    message: 'the times must rise',
    path: ['points'],
  })
export type LevelCreep = z.infer<typeof levelCreep>
