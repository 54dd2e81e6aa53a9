import { z } from 'zod'
import { temperature } from '../quantities'
import { called, given } from '../../quantity/field'

/** The electric fan watched on a hot engine. */
export const fanInAction = z.strictObject({
  /** of two fans, or two speeds; absent: the first, or the only one */
  which: called(z.enum(['first', 'second']), 'fan watched').optional(),
  airConditioning: z.enum(['off', 'on']),
  ran: z.enum(['yes', 'no', 'always']),
  startedAt: temperature.optional(),
  stoppedAt: temperature.optional(),
  /** hottest at the place that switches it: the radiator at its switch, or scan for a module */
  switchingPlace: temperature.optional(),
  /** when it should start, from the vehicle's data */
  shouldStartAt: given(temperature).optional(),
  coolsWhenOn: z.enum(['yes', 'no', 'not-known']),
  speeds: z.enum(['all', 'one-missing', 'not-known']),
})
export type FanInAction = z.infer<typeof fanInAction>
