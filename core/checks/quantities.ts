import { z } from 'zod'
import { quantityOf } from '../quantity/record'

/** Quantities that several checks write down, with what is possible at all. */
export const temperature = quantityOf('temperature', { min: -50, max: 400 })
export const coolantC = quantityOf('temperature', { min: -50, max: 200 })
export const ambientC = quantityOf('temperature', { min: -50, max: 60 })
export const gaugeKPa = quantityOf('pressure', { min: -100, max: 600 })
export const litres = quantityOf('volume', { min: 0, max: 200 })
export const rpm = z.number().min(0).max(12_000)
export const volts = z.number().min(0).max(60)
export const yesNo = z.enum(['yes', 'no'])
export const yesNoUnknown = z.enum(['yes', 'no', 'not-known'])
export const cylinder = z.number().int().min(1).max(16)
