import { z } from 'zod'
import { given } from '../quantity/field'
import { writtenText } from '../quantity/text'

/** Letters of a note and of the source of a figure, and minutes that a job takes, at most. */
export const NOTE_LIMITS = { text: 4000, source: 120, minutes: 6000 } as const

/** What a note can tell of every vehicle of one model. */
export const NOTE_TELLS = [
  'weak-place',
  'specification',
  'adapter',
  'tools',
  'time',
  'other',
] as const
export type NoteTells = (typeof NOTE_TELLS)[number]

/** A figure is worth what its source is, and a time is one of something. */
const ofModel = z
  .strictObject({
    tells: z.enum(NOTE_TELLS),
    /** where a figure is from: a page, a plate on the vehicle, what was measured here */
    source: writtenText(NOTE_LIMITS.source).min(1).optional(),
    minutes: given(z.number().int().min(1).max(NOTE_LIMITS.minutes), { unit: 'min' }).optional(),
    /** the fault whose repair took so long; absent for any other job */
    repairs: writtenText(60).min(1).optional(),
  })
  .refine(({ tells, source }) => tells !== 'specification' || source !== undefined, {
    message: 'say where the figure is from',
    path: ['source'],
  })
  .refine(({ tells, minutes }) => tells !== 'time' || minutes !== undefined, {
    message: 'say how many minutes it took',
    path: ['minutes'],
  })
  .refine(({ tells, repairs }) => tells === 'time' || repairs === undefined, {
    message: 'only a time is one of a repair',
    path: ['repairs'],
  })

/** What no field asks for, in words; moves no probability. It may tell of every vehicle of the model. */
export const note = z.strictObject({
  text: writtenText(NOTE_LIMITS.text).min(1),
  /** the check beside which it was written */
  check: writtenText(40).optional(),
  ofModel: ofModel.optional(),
})
