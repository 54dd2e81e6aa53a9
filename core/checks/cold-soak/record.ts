import { z } from 'zod'
import { ambientC, coolantC, temperature, volts } from '../quantities'
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
const givenVolts = (label: string) => given(z.number().min(0).max(60), { label, unit: 'V' })

/** The sensor's signal, its plug in: what the control sees at a known temperature beside what its maker gives there. */
export const sensorVoltage = z
  .strictObject({
    measuredVolts: called(volts, 'signal measured'),
    at: called(temperature, 'temperature of the sensor'),
    specifiedFromVolts: givenVolts('specified from'),
    specifiedToVolts: givenVolts('specified to'),
  })
  .refine((data) => data.specifiedFromVolts <= data.specifiedToVolts, {
    path: ['specifiedToVolts'],
    message: 'the end of the range is below its beginning',
  })
export type SensorVoltage = z.infer<typeof sensorVoltage>
export type SensorResistance = z.infer<typeof sensorResistance>
