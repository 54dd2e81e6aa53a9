import type { CaseFile, Instrument, SystemProfile } from '#core'
import { sql } from 'drizzle-orm'
import {
  type AnyPgColumn,
  bigint,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  uuid,
} from 'drizzle-orm/pg-core'
import { moment, now, shopId, people } from './shop'

/** Who wrote a entry, when by the device's clock and by the server's, and what the clocks differed by. */
const written = () => ({
  authorId: uuid('author_id').notNull(),
  observedAt: text('observed_at').notNull(),
  receivedAt: moment('received_at').notNull().default(now),
  clockOffsetMs: bigint('clock_offset_ms', { mode: 'number' }),
  contentHash: text('content_hash').notNull(),
  /** who took it in from the file of another shop, and which; nobody where it was recorded here */
  importedBy: uuid('imported_by'),
  importedFrom: text('imported_from'),
})

/** What a vehicle is known under, in small letters: its name, model and plate. An index stands over it. */
export const vehicleWords = (t: { name: AnyPgColumn; model: AnyPgColumn; plate: AnyPgColumn }) =>
  sql<string>`lower(${t.name} || ' ' || coalesce(${t.model}, '') || ' ' || coalesce(${t.plate}, ''))`

/** A note that tells of every vehicle of the model. An index stands over those alone. */
export const isOfModel = (t: { kind: AnyPgColumn; data: AnyPgColumn }) =>
  sql`${t.kind} = 'note' and ${t.data} ? 'ofModel'`

export const vehicles = pgTable(
  'vehicles',
  {
    shopId: shopId(),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    model: text('model'),
    plate: text('plate'),
    year: integer('year'),
    kilometres: doublePrecision('kilometres'),
    ...written(),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.id] }),
    foreignKey({ columns: [t.shopId, t.authorId], foreignColumns: [people.shopId, people.id] }),
    index('vehicles_words').using('gin', sql`${vehicleWords(t)} gin_trgm_ops`),
  ],
)

export const vehicleProfiles = pgTable(
  'vehicle_profiles',
  {
    shopId: shopId(),
    id: uuid('id').notNull(),
    vehicleId: uuid('vehicle_id').notNull(),
    profile: jsonb('profile').$type<SystemProfile>().notNull(),
    supersedes: uuid('supersedes'),
    ...written(),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.id] }),
    foreignKey({
      columns: [t.shopId, t.vehicleId],
      foreignColumns: [vehicles.shopId, vehicles.id],
    }),
    foreignKey({ columns: [t.shopId, t.supersedes], foreignColumns: [t.shopId, t.id] }),
    foreignKey({ columns: [t.shopId, t.authorId], foreignColumns: [people.shopId, people.id] }),
    index('vehicle_profiles_vehicle').on(t.shopId, t.vehicleId),
  ],
)

export const instruments = pgTable(
  'instruments',
  {
    shopId: shopId(),
    id: uuid('id').notNull(),
    kind: text('kind').notNull(),
    name: text('name').notNull(),
    body: jsonb('body').$type<Instrument>().notNull(),
    supersedes: uuid('supersedes'),
    ...written(),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.id] }),
    foreignKey({ columns: [t.shopId, t.supersedes], foreignColumns: [t.shopId, t.id] }),
    foreignKey({ columns: [t.shopId, t.authorId], foreignColumns: [people.shopId, people.id] }),
  ],
)

export const cases = pgTable(
  'cases',
  {
    shopId: shopId(),
    id: uuid('id').notNull(),
    vehicleId: uuid('vehicle_id').notNull(),
    complaint: text('complaint', {
      enum: ['coolant-loss', 'overheats', 'no-heat', 'inspection'],
    }).notNull(),
    title: text('title').notNull(),
    bay: text('bay'),
    openedAt: text('opened_at').notNull(),
    elevationMetres: doublePrecision('elevation_metres').notNull(),
    ...written(),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.id] }),
    foreignKey({
      columns: [t.shopId, t.vehicleId],
      foreignColumns: [vehicles.shopId, vehicles.id],
    }),
    foreignKey({ columns: [t.shopId, t.authorId], foreignColumns: [people.shopId, people.id] }),
  ],
)

const entryColumns = () => ({
  shopId: shopId(),
  id: uuid('id').notNull(),
  caseId: uuid('case_id').notNull(),
  kind: text('kind').notNull(),
  data: jsonb('data').$type<object>().notNull(),
  note: text('note'),
  supersedes: uuid('supersedes'),
  ...written(),
})

/** What was seen or measured. Appended only; a correction is a new row that names the old one. */
export const records = pgTable('records', entryColumns(), (t) => [
  primaryKey({ columns: [t.shopId, t.id] }),
  foreignKey({ columns: [t.shopId, t.caseId], foreignColumns: [cases.shopId, cases.id] }),
  foreignKey({ columns: [t.shopId, t.supersedes], foreignColumns: [t.shopId, t.id] }),
  foreignKey({ columns: [t.shopId, t.authorId], foreignColumns: [people.shopId, people.id] }),
  index('records_case').on(t.shopId, t.caseId),
  index('records_of_model').on(t.shopId, t.caseId).where(isOfModel(t)),
])

/** Work that changed the vehicle, on the case's timeline. */
export const events = pgTable('events', entryColumns(), (t) => [
  primaryKey({ columns: [t.shopId, t.id] }),
  foreignKey({ columns: [t.shopId, t.caseId], foreignColumns: [cases.shopId, cases.id] }),
  foreignKey({ columns: [t.shopId, t.supersedes], foreignColumns: [t.shopId, t.id] }),
  foreignKey({ columns: [t.shopId, t.authorId], foreignColumns: [people.shopId, people.id] }),
  index('events_case').on(t.shopId, t.caseId),
])

/** Every quantity of every record: what was typed, its unit, its value in core’s unit, the instrument and its offset then. */
export const quantities = pgTable(
  'quantities',
  {
    shopId: shopId(),
    recordId: uuid('record_id').notNull(),
    path: text('path').notNull(),
    typed: text('typed').notNull(),
    value: doublePrecision('value').notNull(),
    unit: text('unit').notNull(),
    coreValue: doublePrecision('core_value').notNull(),
    instrumentId: uuid('instrument_id'),
    instrumentOffsetInCoreUnit: doublePrecision('instrument_offset_in_core_unit'),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.recordId, t.path] }),
    foreignKey({ columns: [t.shopId, t.recordId], foreignColumns: [records.shopId, records.id] }),
    foreignKey({
      columns: [t.shopId, t.instrumentId],
      foreignColumns: [instruments.shopId, instruments.id],
    }),
  ],
)

/** Attachments by reference, as imported; pictures taken here stand in `photographs`. */
export const attachments = pgTable(
  'attachments',
  {
    shopId: shopId(),
    caseId: uuid('case_id').notNull(),
    sha256: text('sha256').notNull(),
    reference: jsonb('reference').$type<CaseFile['attachments'][number]>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.caseId, t.sha256] }),
    foreignKey({ columns: [t.shopId, t.caseId], foreignColumns: [cases.shopId, cases.id] }),
  ],
)
