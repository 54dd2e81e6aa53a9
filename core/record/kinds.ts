import { z } from 'zod'
import { writtenText } from '../quantity/text'
import { CHECKS } from '../checks'
import { given } from '../quantity/field'
import { quoteAnswered, quoteDrawn } from '../quote/record'
import { part } from '../vehicle/parts'
import { note } from './note'

/** Records that belong to no check. */
const OTHER_RECORDS = {
  'cautions.acknowledged': z.strictObject({ cautions: z.array(writtenText(80)).min(1).max(40) }),
  /**
   * A suspect declared proven or withdrawn by a person, or its part ordered, with what changed it; moves no probability.
   * What was ordered without its proofs says which of them were missing.
   */
  'suspect.declared': z.strictObject({
    fault: writtenText(80).min(1),
    as: z.enum(['proven', 'withdrawn', 'ordered', 'ordered-unproven']),
    because: writtenText(500).min(1),
    notShown: z.array(writtenText(300).min(1)).max(10).optional(),
    probability: given(z.number().min(0).max(1), { unit: 'fraction' }),
  }),
  /** a photograph by reference; its bytes stand beside the case */
  'photo.taken': z.strictObject({
    sha256: z.string().regex(/^[0-9a-f]{64}$/),
    mediaType: z.literal('image/jpeg'),
    bytes: given(z.number().int().min(1).max(8_000_000), { unit: 'bytes' }),
    part: part.optional(),
    check: writtenText(40).optional(),
    words: writtenText(300).optional(),
  }),
  /** the order in which checks are to be done, in place of the plan's; without steps the plan has its own again */
  'plan.set': z.strictObject({ steps: z.array(writtenText(40).min(1)).max(30) }),
  'quote.drawn': quoteDrawn,
  'quote.answered': quoteAnswered,
  note,
  /** takes back the record it supersedes; both stay. Taking back a withdrawal brings the record back as it was. */
  withdrawn: z.strictObject({ reason: writtenText(500).optional() }),
} as const

type Together<Union> = (Union extends unknown ? (each: Union) => void : never) extends (
  all: infer All,
) => void
  ? All
  : never
type RecordsOfChecks = Together<(typeof CHECKS)[number]['records']>

/** Every kind of record and the schema of its data: what the checks declare, and the few that belong to none. */
export const RECORD_DATA = Object.assign(
  {},
  ...CHECKS.map((check) => check.records),
  OTHER_RECORDS,
) as RecordsOfChecks & typeof OTHER_RECORDS

export type RecordKind = keyof typeof RECORD_DATA
export type RecordData<K extends RecordKind> = z.infer<(typeof RECORD_DATA)[K]>
