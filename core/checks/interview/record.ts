import { z } from 'zod'
import { quantityOf } from '../../quantity/record'
import { QUESTION_IDS } from './questions'

export const interviewAnswer = z.strictObject({
  question: z.enum(QUESTION_IDS),
  answer: z.enum(['yes', 'no', 'not-known']),
})

/** How much is topped up: an amount per time or per distance, or explicitly not known. */
export const reportedLoss = z.strictObject({
  amount: z.union([quantityOf('volume', { min: 0, max: 200 }), z.literal('not-known')]),
  per: z
    .union([
      z.strictObject({ time: quantityOf('duration', { min: 60, max: 86400 * 366 }) }),
      z.strictObject({ distance: quantityOf('distance', { min: 1, max: 100000 }) }),
    ])
    .optional(),
})

/** How much the vehicle is driven; turns a loss per distance, or a leak's flow, into litres a week. */
export const usage = z.strictObject({
  hoursPerWeek: z.number().min(0.1).max(168).optional(),
  kilometresPerWeek: z.number().min(1).max(20000).optional(),
})

export type InterviewAnswer = z.infer<typeof interviewAnswer>
export type ReportedLoss = z.infer<typeof reportedLoss>
export type Usage = z.infer<typeof usage>
