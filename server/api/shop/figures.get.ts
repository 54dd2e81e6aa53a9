import { desc, eq } from 'drizzle-orm'
import type { FiguresChange } from '#core'
import { requireActor } from '../../auth/actor'
import { database } from '../../database/client'
import { momentOf } from '../../database/edge'
import { shopFiguresSet } from '../../database/schema'
import { defineApi } from '../../utils/define-api'

const MOST_CHANGES = 100

/** When prices and life expectancies were set, to what, why and by whom; the newest first. */
export default defineApi(async (event) => {
  const { shopId } = await requireActor(event, 'read')
  const rows = await database()
    .select()
    .from(shopFiguresSet)
    .where(eq(shopFiguresSet.shopId, shopId))
    .orderBy(desc(shopFiguresSet.id))
    .limit(MOST_CHANGES)
  return {
    changes: rows.map(({ at, by, set }): FiguresChange => ({ ...set, at: momentOf(at), by })),
  }
})
