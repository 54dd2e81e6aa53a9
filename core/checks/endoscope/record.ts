import { z } from 'zod'
import { cylinder } from '../quantities'

/** One cylinder looked into through its plug or injector bore. */
export const endoscopeLook = z.strictObject({
  cylinder,
  seen: z.enum(['dry', 'wet', 'steam-cleaned']),
  /** the system was under pressure for some time before */
  pressed: z.boolean(),
})
export type EndoscopeLook = z.infer<typeof endoscopeLook>
