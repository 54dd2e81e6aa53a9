import { z } from 'zod'
import { gaugeKPa } from '../quantities'

/** Vacuum drawn on the cold system before a refill and left alone. Pressures are gauge, below zero. */
export const vacuumDecay = z
  .strictObject({ drawn: gaugeKPa, end: gaugeKPa, minutes: z.number().min(0.5).max(240) })
  .refine((v) => v.drawn.si < 0, { message: 'a vacuum lies below zero gauge', path: ['drawn'] })
export type VacuumDecay = z.infer<typeof vacuumDecay>
