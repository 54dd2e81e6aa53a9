import { customType, foreignKey, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core'
import { moment, now, shopId, people } from './shop'

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
