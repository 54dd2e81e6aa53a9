import { z } from 'zod'

/** A cooler or a heavy-diesel part isolated and tested by itself. */
export const coolerTest = z.strictObject({
  which: z.enum([
    'oil-cooler',
    'gearbox-cooler',
    'egr-cooler',
    'injector-sleeve',
    'liner',
    'air-compressor',
  ]),
  result: z.enum(['leaks', 'tight']),
})
export type CoolerTest = z.infer<typeof coolerTest>
