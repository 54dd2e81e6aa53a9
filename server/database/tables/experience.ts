import type { ClosedCase } from '#core'
import {
  boolean,
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
import { cases } from './entries'
import { moment, shopId } from './shop'

/**
 * What a shop has learnt of each case that stands closed, as core makes it of the case's entries (`ClosedCase`); it can
 * be made anew from them.
 */
export const closedCases = pgTable(
  'closed_cases',
  {
    shopId: shopId(),
    caseId: uuid('case_id').notNull(),
    complaint: text('complaint', {
      enum: ['coolant-loss', 'overheats', 'no-heat', 'inspection'],
    }).notNull(),
    outcome: text('outcome', { enum: ['cause-confirmed', 'not-found'] }).notNull(),
    causes: text('causes').array().notNull(),
    closedAt: moment('closed_at').notNull(),
    isComeback: boolean('is_comeback').notNull(),
    lead: text('lead').notNull(),
    leadProbability: doublePrecision('lead_probability').notNull(),
    causeProbability: doublePrecision('cause_probability'),
    /** "sign:state", each once */
    signs: text('signs').array().notNull(),
    checks: jsonb('checks').$type<ClosedCase['checks']>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.shopId, t.caseId] }),
    foreignKey({ columns: [t.shopId, t.caseId], foreignColumns: [cases.shopId, cases.id] }),
    index('closed_cases_signs').using('gin', t.signs),
  ],
)

/** In how many of a shop's closed cases a sign was seen. */
export const signCounts = pgTable(
  'sign_counts',
  {
    shopId: shopId(),
    sign: text('sign').notNull(),
    cases: integer('cases').notNull(),
  },
  (t) => [primaryKey({ columns: [t.shopId, t.sign] })],
)
