import {
  bigint,
  boolean,
  foreignKey,
  integer,
  pgTable,
  primaryKey,
  text,
  uniqueIndex,
  uuid,
  varchar,
} from 'drizzle-orm/pg-core'
import { moment, now, shopId, people } from './shop'

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
