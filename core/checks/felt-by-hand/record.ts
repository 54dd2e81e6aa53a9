import { z } from 'zod'

const hose = z.enum(['cold', 'lukewarm', 'hot', 'not-known'])

/** Hoses and radiator by the palm, in words: no figures, and what the needle said meanwhile. */
export const feltByHand = z.strictObject({
  engine: z.enum(['just-started', 'needle-up', 'too-hot', 'not-known']),
  upperHose: hose,
  lowerHose: hose,
  heaterInlet: hose,
  heaterOutlet: hose,
  radiatorFace: z.enum(['warm-all-over', 'cold-places', 'cold', 'not-known']),
  lowerHoseRevved: z.enum(['round', 'drawn-flat', 'not-known']),
})
export type FeltByHand = z.infer<typeof feltByHand>
export type Felt = FeltByHand['upperHose']
