import { z } from 'zod'
import { ambientC, coolantC, temperature } from '../quantities'
import { called, given, measured } from '../../quantity/field'

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

/** Most that is taken for a resistance, Ω: beyond it a meter shows that the circuit is open. */
const OPEN_OHM = 20_000_000

const ohms = z.number().positive().max(OPEN_OHM)

/** The coolant sensor by itself, its plug pulled: its resistance at a known temperature beside what its maker gives there. */
export const sensorResistance = z
  .strictObject({
    measuredOhm: measured(ohms, {
      label: 'resistance measured',
      unit: 'Ω',
      usualError: { share: 0.01, least: 1 },
    }),
    at: called(temperature, 'temperature of the sensor'),
    specifiedFromOhm: given(ohms, { label: 'specified from', unit: 'Ω' }),
    specifiedToOhm: given(ohms, { label: 'specified to', unit: 'Ω' }),
  })
  .refine((data) => data.specifiedFromOhm <= data.specifiedToOhm, {
    path: ['specifiedToOhm'],
    message: 'the end of the range is below its beginning',
  })
export type SensorResistance = z.infer<typeof sensorResistance>
