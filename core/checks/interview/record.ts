import { z } from 'zod'
import { quantityOf } from '../../quantity/record'
import { ambientC } from '../quantities'
import { QUESTION_IDS } from './questions'
import { called, given, measured } from '../../quantity/field'

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

const told = z.enum(['yes', 'no', 'not-known'])

/** How hot it got, as the keeper tells it: no log, and words where there was no figure. */
export const hotDrive = z.strictObject({
  needle: z.enum(['where-it-stands', 'above-usual', 'in-the-red', 'not-known']),
  /** the hottest that the dash or a scan tool showed */
  hottest: quantityOf('temperature', { min: 0, max: 200 }).optional(),
  /** driven so hot */
  minutes: called(
    measured(z.number().min(0).max(600), { unit: 'min', usualError: { share: 0.5, least: 1 } }),
    'driven so hot',
  ).optional(),
  outside: ambientC.optional(),
  boiled: told,
  /** where it boiled; the shop's own elevation when absent */
  elevationMetres: called(
    given(z.number().min(-400).max(6000), { unit: 'm' }),
    'boiled at',
  ).optional(),
  /** the heater on full brought it down */
  heaterHelps: told,
  /** the air conditioning off brought it down */
  airConditioningOffHelps: told,
  gearbox: z.enum(['as-before', 'slips-or-smells', 'not-known']),
  /** tank, necks and plastic fittings after the heat */
  plastic: z.enum(['sound', 'soft-or-brittle', 'not-known']),
  /** the engine when it was started again */
  engineAfter: z.enum(['as-before', 'rough', 'white-exhaust', 'not-known']),
})

/** A trouble code as a scan tool shows it, by the numbering of SAE J2012. */
export const troubleCode = z.strictObject({
  code: z
    .string()
    .trim()
    .toUpperCase()
    .max(5)
    .regex(/^[PCBU][0-3][0-9A-F]{3}$/, 'a code is a letter and four digits, as in P0128')
    // One of each kind that is told apart, for whoever reads or tries the format.
    .meta({
      examples: [
        'P0117',
        'P0128',
        'P0217',
        'P0218',
        'P0301',
        'P0480',
        'P0598',
        'P2181',
        'P2560',
        'P2600',
        'P1234',
        'C0035',
      ],
    }),
  status: z.enum(['set', 'pending', 'stored', 'not-known']),
})

export type HotDrive = z.infer<typeof hotDrive>
export type TroubleCode = z.infer<typeof troubleCode>
export type InterviewAnswer = z.infer<typeof interviewAnswer>
export type ReportedLoss = z.infer<typeof reportedLoss>
export type TopUps = z.infer<typeof topUps>
export type Usage = z.infer<typeof usage>
