import { z } from 'zod'
import { ambientC, coolantC } from '../quantities'
import { measured } from '../../quantity/field'

/** Sensors compared after the engine has stood for hours, before any start. */
export const coldSoak = z.strictObject({
  hoursStood: measured(z.number().min(0).max(1000), {
    label: 'stood',
    unit: 'h',
    usualError: { by: 0.5 },
  }),
  coolant: coolantC,
  ambient: ambientC.optional(),
  intakeAir: ambientC.optional(),
  /** scan reading while the plug and wire of the sensor are moved */
  wiring: z.enum(['steady', 'jumps', 'not-known']),
})
export type ColdSoak = z.infer<typeof coldSoak>
