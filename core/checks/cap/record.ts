import { z } from 'zod'
import { pressureGauge } from '../pressure-hold/record'

/** The cap on its own adapter. */
export const capTest = z.strictObject({
  place: z.enum(['radiator-neck', 'tank']),
  marking: z.union([pressureGauge, z.enum(['unmarked', 'looks-wrong'])]),
  opening: pressureGauge.optional(),
  /** pressure a minute after it has opened and closed again */
  after60Seconds: pressureGauge.optional(),
  vacuumValve: z.enum(['free', 'stuck', 'not-tested']),
  seals: z.enum(['good', 'damaged', 'not-looked']),
  fitsPlace: z.enum(['right', 'wrong', 'not-known']),
})
export type CapTest = z.infer<typeof capTest>
