import { z } from 'zod'
import { given, measured } from '../quantity/field'
import { quantityOf } from '../quantity/record'

/** Quantities that several checks write down, with what is possible at all and how well a workshop reads them. */
export const temperature = quantityOf('temperature', { min: -50, max: 400 })
export const coolantC = quantityOf('temperature', { min: -50, max: 200 })
export const ambientC = quantityOf('temperature', { min: -50, max: 60 })
export const gaugeKPa = quantityOf('pressure', { min: -100, max: 600 })
export const litres = quantityOf('volume', { min: 0, max: 200 })
export const rpm = measured(z.number().min(0).max(12_000), {
  unit: 'rpm',
  usualError: { share: 0.01, least: 5 },
})
export const volts = measured(z.number().min(0).max(60), { unit: 'V', usualError: { by: 0.05 } })

/** Minutes by a watch, from the first bound to the second. */
export const minutesBetween = (min: number, max: number) =>
  measured(z.number().min(min).max(max), { unit: 'min', usualError: { by: 0.1 } })
/** Seconds after a run began, by the device's own clock: its error is nothing beside what is read then. */
export const secondsUpTo = (max: number) => given(z.number().min(0).max(max), { unit: 's' })
/** A temperature in °C as an instrument's log or a list gives it. */
export const celsiusBetween = (min: number, max: number) =>
  measured(z.number().min(min).max(max), { unit: '°C', usualError: { by: 1.5 } })
/** Per cent shown by a scan tool or a leakage tester. */
export const percentUpTo = (max: number) =>
  measured(z.number().min(0).max(max), { unit: '%', usualError: { by: 2 } })
/** Glycol by volume, 0 to the bound, read off a refractometer, a hydrometer or a strip. */
export const volumeFractionUpTo = (max: number) =>
  measured(z.number().min(0).max(max), { unit: 'fraction', usualError: { by: 0.02 } })
/** Smallest step of the gauge, kPa; half a graduation when read between the lines. */
export const gaugeStepKPa = (min: number, max: number) =>
  given(z.number().min(min).max(max), { label: 'gauge step', unit: 'kPa' })
/** Millilitres that a tester's maker states. */
export const statedML = (label: string) => given(z.number().min(1).max(2000), { label, unit: 'mL' })
export const millimetresBetween = (min: number, max: number, by: number) =>
  measured(z.number().min(min).max(max), { unit: 'mm', usualError: { by } })
export const cylinder = given(z.number().int().min(1).max(16))

/** Two readings of one thermometer at the ends of a core differ by no more than this by its error, K. */
export const ENDS_ERROR_K = 2
