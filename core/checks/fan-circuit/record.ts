import { z } from 'zod'
import { temperature, volts } from '../quantities'

const done = z.enum(['runs', 'dead', 'not-tried'])

/** One walk along the circuit of the electric fan. Every field may be absent: not measured. */
export const fanCircuit = z.strictObject({
  batteryVolts: volts.optional(),
  fuse: z.enum(['good', 'blown']).optional(),
  /** at the fan plug with the fan called for */
  supplyVolts: volts.optional(),
  /** between the fan's ground pin and the battery's, under load */
  groundDropVolts: volts.optional(),
  relay: z.enum(['passes', 'fails']).optional(),
  /** temperature at the place that switches the fan */
  switchingPlace: temperature.optional(),
  /** temperature at which it should switch */
  switchesAt: temperature.optional(),
  command: z.enum(['present', 'absent']).optional(),
  bridged: done.optional(),
  directFeed: done.optional(),
  /** fan with its own electronics: supply, ground and command all present at the plug */
  ownElectronics: z.boolean().optional(),
  speeds: z.enum(['all', 'one-missing']).optional(),
  airDirection: z.enum(['right', 'wrong']).optional(),
})
export type FanCircuit = z.infer<typeof fanCircuit>
