import { desc, eq } from 'drizzle-orm'
import type { SettingsChange } from '#core'
import { requireActor } from '../../auth/actor'
import { database } from '../../database/client'
import { momentOf } from '../../database/edge'
import { shopSettingsSet } from '../../database/schema'
import { defineApi } from '../../utils/define-api'

const MOST_CHANGES = 50

/** When the shop's settings were set, to what, why and by whom; the newest first. */
export default defineApi(async (event) => {
  const { shopId } = await requireActor(event, 'read')
  const rows = await database()
    .select()
    .from(shopSettingsSet)
    .where(eq(shopSettingsSet.shopId, shopId))
    .orderBy(desc(shopSettingsSet.id))
    .limit(MOST_CHANGES)
  return {
    changes: rows.map(({ at, by, settings }): SettingsChange => ({
      ...settings,
      at: momentOf(at),
      by,
    })),
  }
})
