import {
  bigint,
  boolean,
  foreignKey,
  index,
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
    /** somebody else has given the password: nothing else is answered until its owner has changed it */
    mustChangePassword: boolean('must_change_password').notNull().default(false),
    /** secret of the second factor, base32; not in force before a code of it was typed */
    secondFactor: text('second_factor'),
    secondFactorInForce: boolean('second_factor_in_force').notNull().default(false),
    /** number of the half minute whose code was used last: a code is good once */
    secondFactorStep: integer('second_factor_step'),
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
    /** when its person last did something, to the nearest minutes */
    lastSeenAt: moment('last_seen_at').notNull().default(now),
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

/** Who did what to access and administration, and when. Appended only; tells of no reading and no name. */
export const audit = pgTable(
  'audit',
  {
    id: bigint('id', { mode: 'number' }).primaryKey().generatedAlwaysAsIdentity(),
    at: moment('at').notNull().default(now),
    shopId: uuid('shop_id'),
    /** who did it; nobody where it was done on the server's own command line */
    actorId: uuid('actor_id'),
    action: text('action').notNull(),
    /** whom or what it was done to */
    subjectId: uuid('subject_id'),
    address: text('address'),
  },
  (t) => [index('audit_shop').on(t.shopId, t.at)],
)
