import { z } from 'zod'
import { quantityOf } from '../../quantity/record'
import { QUESTION_IDS } from './questions'
import { given, measured } from '../../quantity/field'

/** A keeper's estimate of what is topped up is right within a factor of about 1.6. */
const KEEPERS_ESTIMATE = { share: 0.5, least: 0 }
/** How much a vehicle is driven in a week, told from memory. */
const KEEPERS_DRIVING = { share: 0.25, least: 0 }

export const interviewAnswer = z.strictObject({
  question: z.enum(QUESTION_IDS),
  answer: z.enum(['yes', 'no', 'not-known']),
})

/** How much is topped up: an amount per time or per distance, or explicitly not known. */
export const reportedLoss = z.strictObject({
  amount: z.union([
    measured(quantityOf('volume', { min: 0, max: 200 }), {
      usualError: KEEPERS_ESTIMATE,
    }),
    z.literal('not-known'),
  ]),
  per: z
    .union([
      z.strictObject({ time: given(quantityOf('duration', { min: 60, max: 86400 * 366 })) }),
      z.strictObject({ distance: given(quantityOf('distance', { min: 1, max: 100000 })) }),
    ])
    .optional(),
})

/** A can poured out to a mark is right within a tenth. */
const POURED = { share: 0.1, least: 0.05 }

/** What went in, and on which days, from the keeper's notes: each time up to the mark. */
export const topUps = z.strictObject({
  list: z
    .array(
      z.strictObject({
        on: z.iso.date(),
        amount: measured(quantityOf('volume', { min: 0, max: 200 }), { usualError: POURED }),
      }),
    )
    .min(1)
    .max(60)
    .refine((list) => list.every(({ on }, i) => i === 0 || on > list[i - 1]!.on), {
      message: 'the days must rise',
    }),
})

/** How much the vehicle is driven; turns a loss per distance, or a leak's flow, into litres a week. */
export const usage = z.strictObject({
  hoursPerWeek: measured(z.number().min(0.1).max(168), {
    label: 'driven a week',
    unit: 'h',
    usualError: KEEPERS_DRIVING,
  }).optional(),
  kilometresPerWeek: measured(z.number().min(1).max(20000), {
    label: 'driven a week',
    unit: 'km',
    usualError: KEEPERS_DRIVING,
  }).optional(),
})

export type InterviewAnswer = z.infer<typeof interviewAnswer>
export type ReportedLoss = z.infer<typeof reportedLoss>
export type TopUps = z.infer<typeof topUps>
export type Usage = z.infer<typeof usage>
