import { z } from 'zod'

/** The pump off the engine. */
export const pumpOff = z.strictObject({
  impeller: z.enum(['sound', 'loose-on-shaft', 'worn', 'broken', 'not-looked']),
  seal: z.enum(['sound', 'worn', 'not-looked']),
  shaftPlay: z.enum(['none', 'play', 'not-tried']),
})
export type PumpOff = z.infer<typeof pumpOff>
