import { desc, eq } from 'drizzle-orm'
import { requireActor } from '../auth/actor'
import { database } from '../database/client'
import { momentOf } from '../database/edge'
import type { shopBookSet, shopFiguresSet, shopSettingsSet } from '../database/schema'
import { defineApi } from './define-api'

/** Tables in which every time that a lead set something is kept. */
type Kept = typeof shopSettingsSet | typeof shopBookSet | typeof shopFiguresSet

/** So many of them are told. */
const MOST_CHANGES = 200

/** GET of every time that something of a shop was set: what, why, when and by whom, the newest first. */
export const defineShopChanges = <T extends Kept>(
  table: T,
  tell: (row: T['$inferSelect']) => object,
) =>
  defineApi(async (event) => {
    const { shopId } = await requireActor(event, 'read')
    const rows: T['$inferSelect'][] = await database()
      .select()
      .from(table as Kept)
      .where(eq(table.shopId, shopId))
      .orderBy(desc(table.id))
      .limit(MOST_CHANGES)
    return {
      changes: rows.map((row) => ({ ...tell(row), at: momentOf(row.at), by: row.by })),
    }
  })
