import { z } from 'zod'
import { coolantC, gaugeKPa, rpm } from '../quantities'
import { called, given } from '../../quantity/field'

/** What the pump makes: pressure at a port after the pump and before the thermostat, or what can be seen of the flow. */
export const pumpDelivery = z.strictObject({
  port: gaugeKPa.optional(),
  /** pressure of the system with the engine stopped, at the same temperature */
  static: gaugeKPa.optional(),
  engineRpm: called(rpm, 'engine').optional(),
  coolant: coolantC.optional(),
  specified: z
    .strictObject({
      pressure: given(gaugeKPa),
      rpm: given(rpm),
      /** the specification includes the static pressure */
      includesStatic: z.boolean(),
      /** coolant temperature it holds at */
      coolant: called(coolantC, 'specified at').optional(),
    })
    .optional(),
  returnStream: z.enum(['strong', 'weak', 'none', 'not-known']),
  lowerHose: z.enum(['round', 'flat', 'not-known']),
})
export type PumpDelivery = z.infer<typeof pumpDelivery>
