import { desc, eq } from 'drizzle-orm'
import type { ShopBookSet } from '#core'
import { requireActor } from '../../auth/actor'
import { database } from '../../database/client'
import { momentOf } from '../../database/edge'
import { shopBookSet } from '../../database/schema'
import { defineApi } from '../../utils/define-api'

const MOST_CHANGES = 200

/** When entries of the book were set, to what, why and by whom; the newest first. */
export default defineApi(async (event) => {
  const { shopId } = await requireActor(event, 'read')
  const rows = await database()
    .select()
    .from(shopBookSet)
    .where(eq(shopBookSet.shopId, shopId))
    .orderBy(desc(shopBookSet.id))
    .limit(MOST_CHANGES)
  return {
    changes: rows.map(({ at, by, change }): ShopBookSet => ({ change, at: momentOf(at), by })),
  }
})
