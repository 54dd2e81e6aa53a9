import { z } from 'zod'
import { correctedValue } from '../../quantity/record'
import { millimetresBetween, temperature } from '../quantities'
import { called, given, measured } from '../../quantity/field'

/** Open water gets no hotter than this anywhere, with a little for the thermometer, °C. */
const WATER_BOILS_C = 102

/** A thermostat heated in a stirred bath, immersed, off the bottom, probe in the liquid. */
export const thermostatBath = z
  .strictObject({
    present: z.enum(['yes', 'missing']),
    /** stamped on it */
    stamped: given(temperature).optional(),
    /** what this engine asks for; taken from the profile when absent */
    specified: given(temperature).optional(),
    coldState: z.enum(['shut', 'open']),
    startsToOpen: z.union([temperature, z.literal('never')]).optional(),
    heatingKPerMinute: measured(z.number().min(0.05).max(30), {
      label: 'heating',
      unit: '°C/min',
      usualError: { share: 0.1, least: 0 },
    }).optional(),
    hottest: temperature,
    liftMm: called(millimetresBetween(0, 40, 1), 'lift').optional(),
    neededLiftMm: given(z.number().min(1).max(40), { label: 'needed lift', unit: 'mm' }).optional(),
    bath: z.enum(['water', 'glycol']),
    probe: z.enum(['in-liquid', 'infrared']),
  })
  .refine((t) => t.bath !== 'water' || correctedValue(t.hottest) <= WATER_BOILS_C, {
    message: 'open water boils at about 100 °C: it was no hotter, or it was glycol',
    path: ['hottest'],
  })
  .refine(
    (t) =>
      t.bath !== 'water' ||
      t.startsToOpen === undefined ||
      t.startsToOpen === 'never' ||
      correctedValue(t.startsToOpen) <= WATER_BOILS_C,
    {
      message:
        'open water boils at about 100 °C: it did not open hotter than that, or it was glycol',
      path: ['startsToOpen'],
    },
  )
export type ThermostatBath = z.infer<typeof thermostatBath>
