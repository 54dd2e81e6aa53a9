import { z } from 'zod'
import { coolantC, volts, volumeFractionUpTo } from '../quantities'
import { called, given } from '../../quantity/field'
import { writtenText } from '../../quantity/text'

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
/** What coolant it is, what is left in it that protects metal, and whether current runs through it. */
export const coolantCondition = z.strictObject({
  /** as it is written on the can, or told */
  product: writtenText(60).min(1).optional(),
  kind: called(z.enum(['as-specified', 'another', 'not-known']), 'kind of coolant'),
  /** by a test strip for reserve or acidity */
  inhibitor: called(z.enum(['good', 'low', 'spent', 'not-known']), 'inhibitor by strip'),
  /** direct voltage from the coolant to the battery's negative post, no metal touched */
  strayVolts: called(volts, 'voltage in the coolant').optional(),
  /** what ran while it was measured */
  strayWith: called(
    z.enum(['all-off', 'engine-and-consumers', 'starter', 'not-known']),
    'measured with',
  ),
})
export type CoolantCondition = z.infer<typeof coolantCondition>
export type MixTest = z.infer<typeof mixTest>
