import { z } from 'zod'
import { pressureGauge } from '../pressure-hold/record'
import { called, given } from '../../quantity/field'
import { secondsUpTo } from '../quantities'

/** Most readings of one bleed-down, and how long one may go on, s. */
const MOST_READINGS = 40
const LONGEST_SECONDS = 1800

/** What only a cap with a valve shows. */
const OF_A_VALVE = ['opening', 'after60Seconds', 'bleedDown'] as const

/** The cap on its own adapter, and how it sat before it was opened. */
export const capTest = z
  .strictObject({
    place: z.enum(['radiator-neck', 'tank']),
    /** what is written on it; `sealed`: it has no valve and only closes */
    marking: z.union([given(pressureGauge), z.enum(['unmarked', 'looks-wrong', 'sealed'])]),
    opening: pressureGauge.optional(),
    /** pressure a minute after it has opened and closed again */
    after60Seconds: called(pressureGauge, 'after a minute').optional(),
    /** pressure read again and again after it has opened and closed, by the seconds since then */
    bleedDown: z
      .array(z.strictObject({ seconds: secondsUpTo(LONGEST_SECONDS), pressure: pressureGauge }))
      .max(MOST_READINGS)
      .refine((list) => list.every((r, i) => i === 0 || r.seconds > list[i - 1]!.seconds), {
        message: 'the times must rise',
      })
      .optional(),
    vacuumValve: z.enum(['free', 'stuck', 'not-known']),
    seals: z.enum(['good', 'damaged', 'not-known']),
    fitsPlace: called(z.enum(['right', 'wrong', 'not-known']), 'for its place'),
    /** turned to its stop when it was found, before anybody opened it */
    asFound: called(z.enum(['closed', 'loose', 'not-known']), 'as it was found').optional(),
  })
  .refine(
    (test) =>
      test.marking !== 'sealed' ||
      (OF_A_VALVE.every((field) => test[field] === undefined) && test.vacuumValve === 'not-known'),
    { message: 'a sealed cap has no valve that opens or holds', path: ['marking'] },
  )
export type CapTest = z.infer<typeof capTest>
