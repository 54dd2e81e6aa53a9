import { z } from 'zod'
import { moment } from '../quantity/moment'
import { writtenText } from '../quantity/text'
import { unionByKind } from './by-kind'
import { RECORD_DATA, type RecordData, type RecordKind } from './kinds'

/** How an entry came into this shop that was recorded in another: told by the server, never by who sends it. */
export const imported = z.strictObject({
  /** id of the person who took its file in */
  by: z.uuid(),
  /** name of the shop whose file it was, when the file said so */
  shop: writtenText(80).min(1).optional(),
})
export type Imported = z.infer<typeof imported>

export const recordBase = {
  id: z.uuid(),
  /** id of a person in `people` */
  by: z.uuid(),
  /** device time */
  observedAt: moment,
  /** server time, absent while it has not been received */
  receivedAt: moment.optional(),
  /** server clock minus device clock at sending, milliseconds */
  clockOffsetMs: z.number().int().optional(),
  imported: imported.optional(),
  /** id of the record that this one replaces; the old one stays in the file */
  supersedes: z.uuid().optional(),
  note: writtenText(2000).optional(),
}

const kinds = Object.keys(RECORD_DATA) as RecordKind[]
const recordOptions = kinds.map((kind) =>
  z.strictObject({ ...recordBase, kind: z.literal(kind), data: RECORD_DATA[kind] }),
)

type RecordOf<K extends RecordKind> = {
  [P in K]: {
    id: string
    by: string
    observedAt: string
    receivedAt?: string | undefined
    clockOffsetMs?: number | undefined
    imported?: Imported | undefined
    supersedes?: string | undefined
    note?: string | undefined
    kind: P
    data: RecordData<P>
  }
}[K]
export type CaseRecord<K extends RecordKind = RecordKind> = RecordOf<K>

/** Any record, by its kind. The options were made kind by kind, which their common type no longer shows. */
export const caseRecord = unionByKind(recordOptions) as z.ZodType<CaseRecord>
