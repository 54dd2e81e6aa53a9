import { z } from 'zod'
import { coolantC } from '../quantities'

/** Fraction of glycol, read as a fraction or as a freeze point. */
export const mixTest = z
  .strictObject({
    instrument: z.enum(['refractometer', 'hydrometer', 'strip']),
    /** by volume of pure glycol, 0 to 0.6 */
    volumeFraction: z.number().min(0).max(0.6).optional(),
    freezePoint: coolantC.optional(),
    /** what the maker asks for, by volume; half when not known */
    wantedFraction: z.number().min(0).max(0.6).optional(),
  })
  .refine((m) => m.volumeFraction !== undefined || m.freezePoint !== undefined, {
    message: 'a fraction or a freeze point is needed',
    path: ['volumeFraction'],
  })
export type MixTest = z.infer<typeof mixTest>
