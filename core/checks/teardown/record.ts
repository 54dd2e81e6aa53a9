import { z } from 'zod'

const gap = z.number().min(0).max(5)

/** Measurements on a head, block or manifold face taken apart; every limit is the maker's and is entered. */
export const teardownMeasure = z
  .strictObject({
    what: z.enum(['head-face', 'block-face', 'manifold-face']),
    /** feeler gaps under a straight edge, with the place of each, mm */
    gaps: z
      .array(
        z.strictObject({
          xMm: z.number().min(0).max(2000),
          yMm: z.number().min(0).max(2000),
          gapMm: gap,
        }),
      )
      .max(200),
    flatnessLimitMm: z.number().min(0.005).max(2).optional(),
    linerProtrusionMm: z.array(z.number().min(-2).max(2)).max(16).optional(),
    protrusionLimitsMm: z
      .strictObject({
        low: z.number().min(-2).max(2),
        high: z.number().min(-2).max(2),
        spread: z.number().min(0).max(2).optional(),
      })
      .optional(),
    boltLengthsMm: z.array(z.number().min(10).max(600)).max(60).optional(),
    boltLimitMm: z.number().min(10).max(600).optional(),
    overheated: z.enum(['yes', 'no', 'not-known']),
    crack: z.enum(['found', 'none-after-test', 'not-tested']),
    gasketTrace: z.enum(['across', 'none', 'not-looked']),
    pitting: z.enum(['at-coolant-port', 'none', 'not-looked']),
  })
  .refine((m) => m.what !== 'manifold-face' || m.linerProtrusionMm === undefined, {
    message: 'a manifold has no liners',
    path: ['linerProtrusionMm'],
  })
export type TeardownMeasure = z.infer<typeof teardownMeasure>
