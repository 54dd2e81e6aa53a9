import type { CaseFile, Instrument, SystemProfile } from '#core'
import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  customType,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  uuid,
  varchar,
} from 'drizzle-orm/pg-core'

const moment = (name: string) =>
  timestamp(name, { withTimezone: true, precision: 3, mode: 'string' })
const now = sql`now()`

export const shops = pgTable('shops', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  elevationMetres: doublePrecision('elevation_metres').notNull(),
  /** number of the last change; taken under the row's lock, so changes are numbered in the order they commit */
  changeSeq: bigint('change_seq', { mode: 'number' }).notNull().default(0),
  createdAt: moment('created_at').notNull().default(now),
})

const shopId = () =>
  uuid('shop_id')
    .notNull()
    .references(() => shops.id)

/** Names are personal data: they stand here alone and can be set to null without breaking the record. */
export const people = pgTable(
  'people',
  {
    shopId: shopId(),
    id: uuid('id').notNull(),
    name: text('name'),
    erasedAt: moment('erased_at'),
  },
  (t) => [primaryKey({ columns: [t.shopId, t.id] })],
)

export const accounts = pgTable(
  'accounts',
  {
    shopId: shopId(),
    id: uuid('id').notNull(),
    signIn: text('sign_in').notNull(),
    passwordHash: text('password_hash').notNull(),
    role: text('role', { enum: ['technician', 'lead', 'apprentice', 'viewer'] }).notNull(),
    /** raised to end every session of this person at once */
    epoch: integer('epoch').notNull().default(0),
    disabled: boolean('disabled').notNull().default(false),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.id] }),
    foreignKey({ columns: [t.shopId, t.id], foreignColumns: [people.shopId, people.id] }),
    uniqueIndex('accounts_sign_in').on(t.signIn),
  ],
)

export const sessions = pgTable(
  'sessions',
  {
    shopId: shopId(),
    id: uuid('id').notNull(),
    personId: uuid('person_id').notNull(),
    epoch: integer('epoch').notNull(),
    createdAt: moment('created_at').notNull().default(now),
    expiresAt: moment('expires_at').notNull(),
    revokedAt: moment('revoked_at'),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.id] }),
    foreignKey({ columns: [t.shopId, t.personId], foreignColumns: [accounts.shopId, accounts.id] }),
  ],
)

/** Tries that are counted, by what they are counted for; as the limiter wants its table. */
export const rateLimits = pgTable('rate_limits', {
  key: varchar('key', { length: 255 }).primaryKey(),
  points: integer('points').notNull().default(0),
  /** ms since 1970 */
  expire: bigint('expire', { mode: 'number' }),
})

/** Who wrote a entry, when by the device's clock and by the server's, and what the clocks differed by. */
const written = () => ({
  authorId: uuid('author_id').notNull(),
  observedAt: text('observed_at').notNull(),
  receivedAt: moment('received_at').notNull().default(now),
  clockOffsetMs: bigint('clock_offset_ms', { mode: 'number' }),
  contentHash: text('content_hash').notNull(),
})

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
    complaint: text('complaint', { enum: ['coolant-loss', 'overheats', 'no-heat'] }).notNull(),
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

const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' })

/** Pictures, by the hash of their bytes; records of kind photo.taken name them. Written once, never changed. */
export const photographs = pgTable(
  'photographs',
  {
    shopId: shopId(),
    sha256: text('sha256').notNull(),
    mediaType: text('media_type').notNull(),
    bytes: bytea('bytes').notNull(),
    authorId: uuid('author_id').notNull(),
    receivedAt: moment('received_at').notNull().default(now),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.sha256] }),
    foreignKey({ columns: [t.shopId, t.authorId], foreignColumns: [people.shopId, people.id] }),
  ],
)

/** The shop's cursor: one row a change, numbered in commit order. Browsers catch up from here. */
export const changes = pgTable(
  'changes',
  {
    shopId: shopId(),
    seq: bigint('seq', { mode: 'number' }).notNull(),
    entity: text('entity').notNull(),
    entityId: uuid('entity_id').notNull(),
  },
  (t) => [primaryKey({ columns: [t.shopId, t.seq] })],
)
