import { z } from 'zod'
import { moment } from '../quantity/moment'
import { writtenText } from '../quantity/text'
import { complaint } from '../vehicle/complaint'
import { casePolicy } from './case-policy'
import { MOST_OF_A_SHOP_NAME } from '../vehicle/shop-ways'
import { systemProfile } from '../vehicle/profile'
import { caseEvent } from './events'
import { caseRecord } from './envelope'

export const FORMAT = 'thermognosis-case'
export const FORMAT_VERSION = 2
/** An import larger than this is refused before it is read. */
export const MAX_FILE_BYTES = 8 * 1024 * 1024
/** A case with its photographs. */
export const MAX_ZIP_BYTES = 128 * 1024 * 1024

/** Entries of a case file. */
export const MOST_RECORDS = 50_000
export const MOST_EVENTS = 5_000

export const instrument = z.strictObject({
  id: z.uuid(),
  kind: z.enum(['pressure-tester', 'cap-adapter', 'thermometer', 'infrared', 'scan-tool', 'other']),
  name: writtenText(80).min(1),
  /** reading minus truth, core unit of what it measures; absent: never compared; "not-known": could not be found out */
  offsetInCoreUnit: z.union([z.number().min(-1000).max(1000), z.literal('not-known')]).optional(),
  resolutionInCoreUnit: z.number().positive().max(1000).optional(),
  strokeVolumeML: z.number().min(1).max(2000).optional(),
  enclosedML: z.number().min(1).max(2000).optional(),
  checkedAt: moment.optional(),
})
export type Instrument = z.infer<typeof instrument>

export const vehicle = z.strictObject({
  id: z.uuid(),
  name: writtenText(80).min(1),
  /** model as the shop calls it; vehicles of one model can start from one system profile */
  model: writtenText(80).min(1).optional(),
  plate: writtenText(20).optional(),
  year: z.number().int().min(1900).max(2100).optional(),
  kilometres: z.number().min(0).max(5_000_000).optional(),
  profile: systemProfile,
})
export type Vehicle = z.infer<typeof vehicle>

export const attachmentReference = z.strictObject({
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  bytes: z.number().int().min(0),
  mediaType: writtenText(100),
  name: writtenText(200).optional(),
  record: z.uuid().optional(),
})

export const caseHeader = z.strictObject({
  id: z.uuid(),
  complaint,
  title: writtenText(160).min(1),
  openedAt: moment,
  openedBy: z.uuid(),
  vehicle: z.uuid(),
  bay: writtenText(40).optional(),
})
export type CaseHeader = z.infer<typeof caseHeader>

/** The whole case as it is exchanged: version 2 of the open format. Rules a JSON Schema cannot say are in consistency.ts. */
export const caseFile = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(FORMAT_VERSION),
  writtenBy: z.strictObject({
    application: writtenText(40),
    engine: writtenText(40),
    book: z.strictObject({ version: writtenText(40), hash: writtenText(80) }),
  }),
  exportedAt: moment,
  /** the shop that wrote it */
  shop: z.strictObject({ name: writtenText(MOST_OF_A_SHOP_NAME).min(1) }).optional(),
  /** what that shop decides where practitioners differ; the product's defaults when absent */
  policy: casePolicy.optional(),
  site: z.strictObject({ elevationMetres: z.number().min(-500).max(6000) }),
  case: caseHeader,
  vehicle,
  people: z.array(z.strictObject({ id: z.uuid(), name: writtenText(80).optional() })).max(200),
  instruments: z.array(instrument).max(200),
  records: z.array(caseRecord).max(MOST_RECORDS),
  events: z.array(caseEvent).max(MOST_EVENTS),
  attachments: z.array(attachmentReference).max(500),
})
export type CaseFile = z.infer<typeof caseFile>
