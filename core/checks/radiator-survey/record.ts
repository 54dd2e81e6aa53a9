import { z } from 'zod'
import { correctedValue } from '../../quantity/record'
import { celsiusBetween, ENDS_ERROR_K, temperature } from '../quantities'

/** Inlet, outlet and a grid of infrared readings over the face, rows from the top, °C. */
export const radiatorSurvey = z
  .strictObject({
    inlet: temperature,
    outlet: temperature,
    gridC: z
      .array(z.array(celsiusBetween(-50, 200)).min(1).max(30))
      .max(30)
      .meta({ label: 'rows of the grid' })
      .optional(),
    thermostatOpen: z.enum(['shown', 'not-shown', 'not-known']),
    pumpDelivers: z.enum(['shown', 'not-known']),
    fan: z.enum(['off', 'on']),
    engine: temperature.optional(),
  })
  .refine((r) => !r.gridC || r.gridC.every((row) => row.length === r.gridC![0]!.length), {
    message: 'every row of the grid has the same number of readings',
    path: ['gridC'],
  })
  .refine((r) => correctedValue(r.outlet) <= correctedValue(r.inlet) + ENDS_ERROR_K, {
    message: 'the outlet is hotter than the inlet: are the two exchanged?',
    path: ['outlet'],
  })
export type RadiatorSurvey = z.infer<typeof radiatorSurvey>
