import { z } from 'zod'
import { writtenText } from '../../quantity/text'
import { ambientC, secondsUpTo, temperature } from '../quantities'
import { called, given } from '../../quantity/field'

export const RUN_CHANNELS = [
  'scan-coolant',
  'engine-side-hose',
  'radiator-side-hose',
  'upper-hose',
  'lower-hose',
  'infrared-engine',
  'infrared-radiator',
  'dash',
  'ambient',
  'engine-speed',
  'pressure',
  'level',
] as const
const channel = z.enum(RUN_CHANNELS)

/** A run from cold. What is typed, marked or read from a log during it names it by the id of this record. */
export const warmUpStart = z.strictObject({
  ambient: ambientC.optional(),
  airConditioning: z.enum(['off', 'on', 'not-fitted']),
  fanWatched: z.boolean(),
  level: z.enum(['full', 'low', 'not-known']),
  surface: z.enum(['painted-or-taped', 'bare-metal', 'not-known']),
})
export const warmUpReading = z.strictObject({
  run: z.uuid(),
  elapsedSeconds: called(secondsUpTo(86400), 'at'),
  channel,
  reading: temperature,
})
export const warmUpMark = z.strictObject({
  run: z.uuid(),
  elapsedSeconds: called(secondsUpTo(86400), 'at'),
  mark: z.enum(['opened', 'fan-on', 'fan-off', 'boiling', 'stopped']),
})
/** A channel of a log: times and values in the core unit of the channel (°C, rpm, kPa gauge, mm). */
export const warmUpTrace = z
  .strictObject({
    run: z.uuid(),
    channel,
    seconds: z.array(secondsUpTo(86400)).min(2).max(50_000),
    values: z
      .array(given(z.number().min(-1000).max(20_000), { unit: 'of its channel' }))
      .min(2)
      .max(50_000),
    from: writtenText(200).optional(),
    /** read live from the vehicle, a piece of a run that goes on */
    live: z.literal(true).optional(),
  })
  .refine((t) => t.seconds.length === t.values.length, {
    message: 'there are as many times as values',
    path: ['values'],
  })
  .refine((t) => t.seconds.every((s, i) => i === 0 || s > t.seconds[i - 1]!), {
    message: 'the times must rise',
    path: ['seconds'],
  })

export type WarmUpStart = z.infer<typeof warmUpStart>
export type WarmUpReading = z.infer<typeof warmUpReading>
export type WarmUpMark = z.infer<typeof warmUpMark>
export type WarmUpTrace = z.infer<typeof warmUpTrace>
export type RunChannel = (typeof RUN_CHANNELS)[number]
