import { z } from 'zod'
import { LEAK_PLACE_IDS } from '../../knowledge/places'

/** What was found in tracing a drip to its place. Coordinates are shares of the tray, from its front left corner. */
export const leakTrace = z.strictObject({
  drips: z
    .array(
      z.strictObject({
        x: z.number().min(0).max(1),
        y: z.number().min(0).max(1),
        perMinute: z.number().min(0).max(600),
      }),
    )
    .max(40),
  /** height of the highest wet point seen, 0 floor of the bay to 1 top */
  /** how the engine stands; the profile's when absent */
  orientation: z.enum(['lengthwise', 'crosswise']).optional(),
  highestWet: z.number().min(0).max(1).optional(),
  /** the fan or the road blew across it before */
  airFlow: z.boolean(),
  places: z
    .array(
      z.strictObject({
        place: z.enum(LEAK_PLACE_IDS),
        seen: z.enum(['issuing', 'wet-again', 'wet', 'dry']),
      }),
    )
    .max(40),
})
export type LeakTrace = z.infer<typeof leakTrace>
