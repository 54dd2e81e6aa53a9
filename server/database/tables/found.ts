import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  foreignKey,
  index,
  pgTable,
  primaryKey,
  text,
  uuid,
} from 'drizzle-orm/pg-core'
import { moment, shopId } from './shop'
import { cases } from './entries'

/**
 * What a case is found by, beside it and kept as it goes on: whether it is open, when something was last recorded in
 * it and by whom, and the words it is known under, in small letters. Made of entries; it can be made anew from them.
 */
export const caseIndex = pgTable(
  'case_index',
  {
    shopId: shopId(),
    caseId: uuid('case_id').notNull(),
    isOpen: boolean('is_open').notNull(),
    touchedAt: moment('touched_at').notNull(),
    complaint: text('complaint', {
      enum: ['coolant-loss', 'overheats', 'no-heat', 'inspection'],
    }).notNull(),
    /** in small letters, as it is asked for */
    bay: text('bay'),
    people: uuid('people').array().notNull(),
    words: text('words').notNull(),
    /** it was closed, or opened again, since the shop last learnt of it */
    isDue: boolean('is_due').notNull().default(false),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.caseId] }),
    foreignKey({ columns: [t.shopId, t.caseId], foreignColumns: [cases.shopId, cases.id] }),
    index('case_index_open')
      .on(t.shopId, t.touchedAt, t.caseId)
      .where(sql`${t.isOpen}`),
    index('case_index_touched').on(t.shopId, t.touchedAt, t.caseId),
    index('case_index_words').using('gin', t.words.op('gin_trgm_ops')),
    index('case_index_due')
      .on(t.shopId, t.caseId)
      .where(sql`${t.isDue}`),
    index('case_index_people').using('gin', t.people),
  ],
)

/**
 * The shop's cursor: one row a change, numbered in commit order. Browsers catch up from here. The shop is that of the row
 * whose lock is held while they are numbered, so that the database need not look for it again at each of many rows.
 */
export const changes = pgTable(
  'changes',
  {
    shopId: uuid('shop_id').notNull(),
    seq: bigint('seq', { mode: 'number' }).notNull(),
    entity: text('entity').notNull(),
    entityId: uuid('entity_id').notNull(),
  },
  (t) => [primaryKey({ columns: [t.shopId, t.seq] })],
)
