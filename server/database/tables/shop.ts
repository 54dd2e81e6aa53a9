import type {
  FiguresSet,
  ShopBook,
  ShopBookChange,
  ShopLives,
  ShopPrices,
  ShopSettings,
  ShopWays,
} from '#core'
import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  doublePrecision,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core'

export const moment = (name: string) =>
  timestamp(name, { withTimezone: true, precision: 3, mode: 'string' })
export const now = sql`now()`

export const shops = pgTable('shops', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  elevationMetres: doublePrecision('elevation_metres').notNull(),
  /** number of the last change; taken under the row's lock, so changes are numbered in the order they commit */
  changeSeq: bigint('change_seq', { mode: 'number' }).notNull().default(0),
  createdAt: moment('created_at').notNull().default(now),
  /** what its lead has set; none until then */
  prices: jsonb('prices').$type<ShopPrices>(),
  /** how long components last, as its lead has set it */
  lives: jsonb('lives').$type<ShopLives>(),
  /** how it works, as its lead has set it */
  ways: jsonb('ways').$type<ShopWays>(),
  /** what its lead has otherwise than the book */
  book: jsonb('book').$type<ShopBook>(),
  /** whether its confirmed cases move the book's priors */
  usesExperience: boolean('uses_experience').notNull().default(true),
  /** bytes of its photographs, of which a shop may keep so many */
  photographBytes: bigint('photograph_bytes', { mode: 'number' }).notNull().default(0),
})

export const shopId = () =>
  uuid('shop_id')
    .notNull()
    .references(() => shops.id)

/** Every time that a shop's settings were set: appended, never changed. */
export const shopSettingsSet = pgTable(
  'shop_settings_set',
  {
    shopId: shopId(),
    id: bigint('id', { mode: 'number' }).generatedAlwaysAsIdentity(),
    at: moment('at').notNull().default(now),
    by: uuid('by').notNull(),
    settings: jsonb('settings').$type<ShopSettings>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.shopId, t.id] })],
)

/** Every time that a lead set an entry of the book, or gave it back: appended, never changed. */
export const shopBookSet = pgTable(
  'shop_book_set',
  {
    shopId: shopId(),
    id: bigint('id', { mode: 'number' }).generatedAlwaysAsIdentity(),
    at: moment('at').notNull().default(now),
    by: uuid('by').notNull(),
    change: jsonb('change').$type<ShopBookChange>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.shopId, t.id] })],
)

/** Every time that prices or life expectancies were set: appended, never changed. */
export const shopFiguresSet = pgTable(
  'shop_figures_set',
  {
    shopId: shopId(),
    id: bigint('id', { mode: 'number' }).generatedAlwaysAsIdentity(),
    at: moment('at').notNull().default(now),
    by: uuid('by').notNull(),
    set: jsonb('set').$type<FiguresSet>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.shopId, t.id] })],
)

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
