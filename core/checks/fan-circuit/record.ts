import { z } from 'zod'
import { temperature, volts } from '../quantities'
import { called, given } from '../../quantity/field'

const done = z.enum(['runs', 'dead', 'not-known'])

/** One walk along the circuit of the electric fan. Every field may be absent: not measured. */
export const fanCircuit = z.strictObject({
  batteryVolts: called(volts, 'battery').optional(),
  fuse: z.enum(['good', 'blown']).optional(),
  /** at the fan plug with the fan called for */
  supplyVolts: called(volts, 'supply').optional(),
  /** between the fan's ground pin and the battery's, under load */
  groundDropVolts: called(volts, 'ground drop').optional(),
  relay: z.enum(['passes', 'fails']).optional(),
  /** temperature at the place that switches the fan */
  switchingPlace: temperature.optional(),
  /** temperature at which it should switch */
  switchesAt: given(temperature).optional(),
  command: z.enum(['present', 'absent']).optional(),
  bridged: done.optional(),
  directFeed: called(done, 'fed directly').optional(),
  /** fan with its own electronics: supply, ground and command all present at the plug */
  ownElectronics: called(z.boolean(), 'supply, ground and command all present').optional(),
  speeds: z.enum(['all', 'one-missing']).optional(),
  airDirection: z.enum(['right', 'wrong']).optional(),
})
export type FanCircuit = z.infer<typeof fanCircuit>
