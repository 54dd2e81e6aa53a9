import { z } from 'zod'
import { writtenText } from '../../quantity/text'
import { LEAK_PLACE_IDS } from '../../vehicle/places'
import { given, measured } from '../../quantity/field'

/** Places that the list does not have: how many, and letters of each. */
export const ELSEWHERE = { most: 4, letters: 80 } as const

/** What was found in tracing a drip to its place. Coordinates are shares of the tray, from its front left corner. */
export const leakTrace = z.strictObject({
  drips: z
    .array(
      z.strictObject({
        x: given(z.number().min(0).max(1), { unit: 'share of the tray' }),
        y: given(z.number().min(0).max(1), { unit: 'share of the tray' }),
        /** absent: not counted */
        perMinute: measured(z.number().min(0).max(600), {
          label: 'a minute',
          unit: 'drops/min',
          usualError: { share: 0.1, least: 1 },
        }).optional(),
        /** it was watched on its way down, and touches nothing from where it leaves */
        falling: z.boolean().optional(),
      }),
    )
    .max(40),
  /** how the engine stands; the profile's when absent */
  orientation: z.enum(['lengthwise', 'crosswise']).optional(),
  /** height of the highest wet point seen, 0 floor of the bay to 1 top */
  highestWet: given(z.number().min(0).max(1), {
    label: 'highest wet point',
    unit: 'share of the height',
  }).optional(),
  /** the fan or the road blew across it before */
  airFlow: z.boolean(),
  places: z
    .array(
      z.strictObject({
        place: z.enum(LEAK_PLACE_IDS),
        seen: z.enum(['issuing', 'dried-and-wet-again', 'wet', 'dry']),
      }),
    )
    .max(40),
  /** a hose, a pipe or a joint that the list of places does not have, in words */
  elsewhere: z
    .array(
      z.strictObject({
        where: writtenText(ELSEWHERE.letters).min(1),
        seen: z.enum(['issuing', 'dried-and-wet-again', 'wet']),
      }),
    )
    .max(ELSEWHERE.most)
    .optional(),
})
export type LeakTrace = z.infer<typeof leakTrace>
