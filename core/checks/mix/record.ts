import { z } from 'zod'
import { coolantC, volumeFractionUpTo } from '../quantities'
import { called, given } from '../../quantity/field'

/** Fraction of glycol, read as a fraction or as a freeze point. */
export const mixTest = z
  .strictObject({
    instrument: z.enum(['refractometer', 'hydrometer', 'strip']),
    /** by volume of pure glycol, 0 to 0.6 */
    volumeFraction: called(volumeFractionUpTo(0.6), 'antifreeze').optional(),
    freezePoint: coolantC.optional(),
    /** glycol in what is added, by volume; 1 where the concentrate is pure */
    concentrateFraction: given(z.number().min(0.2).max(1), {
      label: 'concentrate',
      unit: 'fraction',
    }).optional(),
    /** what the maker asks for, by volume; half when not known */
    wantedFraction: given(volumeFractionUpTo(0.6), { label: 'wanted' }).optional(),
  })
  .refine((m) => m.volumeFraction !== undefined || m.freezePoint !== undefined, {
    message: 'a fraction or a freeze point is needed',
    path: ['volumeFraction'],
  })
export type MixTest = z.infer<typeof mixTest>
