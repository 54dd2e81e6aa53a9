import { z } from 'zod'

/** Gravity flow through a radiator off the vehicle, or with its hoses off. */
export const radiatorFlow = z.strictObject({
  passes: z.enum(['as-fast-as-in', 'backs-up']),
  lookedFromBothTanks: z.enum(['both-clear', 'one-only', 'deposits-seen', 'not-known']),
})
export type RadiatorFlow = z.infer<typeof radiatorFlow>
