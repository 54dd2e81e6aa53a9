import { z } from 'zod'
import { pressureGauge } from '../pressure-hold/record'
import { called, given } from '../../quantity/field'

/** The cap on its own adapter. */
export const capTest = z.strictObject({
  place: z.enum(['radiator-neck', 'tank']),
  marking: z.union([given(pressureGauge), z.enum(['unmarked', 'looks-wrong'])]),
  opening: pressureGauge.optional(),
  /** pressure a minute after it has opened and closed again */
  after60Seconds: called(pressureGauge, 'after a minute').optional(),
  vacuumValve: z.enum(['free', 'stuck', 'not-known']),
  seals: z.enum(['good', 'damaged', 'not-known']),
  fitsPlace: called(z.enum(['right', 'wrong', 'not-known']), 'for its place'),
})
export type CapTest = z.infer<typeof capTest>
