import { z } from 'zod'

/** The pump off the engine. */
export const pumpOff = z.strictObject({
  impeller: z.enum(['sound', 'loose-on-shaft', 'worn', 'broken', 'not-known']),
  seal: z.enum(['sound', 'worn', 'not-known']),
  shaftPlay: z.enum(['none', 'play', 'not-known']),
})
export type PumpOff = z.infer<typeof pumpOff>
