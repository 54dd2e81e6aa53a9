import { z } from 'zod'
import { millimetresBetween } from '../quantities'
import { called, given } from '../../quantity/field'

/** A gauge of feelers or a depth gauge reads to a hundredth, mm. */
const FINE_MM = 0.01
const limitMm = (min: number, max: number) => given(z.number().min(min).max(max), { unit: 'mm' })

/** Measurements on a head, block or manifold face taken apart; every limit is the maker's and is entered. */
export const teardownMeasure = z
  .strictObject({
    what: z.enum(['head-face', 'block-face', 'manifold-face']),
    /** feeler gaps under a straight edge, with the place of each, mm */
    gaps: z
      .array(
        z.strictObject({
          xMm: limitMm(0, 2000),
          yMm: limitMm(0, 2000),
          gapMm: millimetresBetween(0, 5, FINE_MM),
        }),
      )
      .max(200),
    flatnessLimitMm: called(limitMm(0.005, 2), 'flatness limit').optional(),
    linerProtrusionMm: called(
      z.array(millimetresBetween(-2, 2, FINE_MM)).max(16),
      'liner protrusions',
    ).optional(),
    protrusionLimitsMm: z
      .strictObject({
        low: limitMm(-2, 2),
        high: limitMm(-2, 2),
        spread: limitMm(0, 2).optional(),
      })
      .optional(),
    boltLengthsMm: called(
      z.array(millimetresBetween(10, 600, FINE_MM)).max(60),
      'bolt lengths',
    ).optional(),
    boltLimitMm: called(limitMm(10, 600), 'bolt limit').optional(),
    overheated: z.enum(['yes', 'no', 'not-known']),
    crack: z.enum(['found', 'none-after-test', 'not-known']),
    gasketTrace: z.enum(['across', 'none', 'not-known']),
    pitting: z.enum(['at-coolant-port', 'none', 'not-known']),
  })
  .refine((m) => m.what !== 'manifold-face' || m.linerProtrusionMm === undefined, {
    message: 'a manifold has no liners',
    path: ['linerProtrusionMm'],
  })
export type TeardownMeasure = z.infer<typeof teardownMeasure>
