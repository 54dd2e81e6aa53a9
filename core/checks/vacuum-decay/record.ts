import { z } from 'zod'
import { gaugeKPa, minutesBetween } from '../quantities'
import { called } from '../../quantity/field'

/** Vacuum drawn on the cold system before a refill and left alone. Pressures are gauge, below zero. */
export const vacuumDecay = z
  .strictObject({
    drawn: gaugeKPa,
    end: gaugeKPa,
    minutes: called(minutesBetween(0.5, 240), 'for'),
  })
  .refine((v) => v.drawn.coreValue < 0, {
    message: 'a vacuum lies below zero gauge',
    path: ['drawn'],
  })
export type VacuumDecay = z.infer<typeof vacuumDecay>
