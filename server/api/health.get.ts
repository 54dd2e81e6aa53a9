import { sql } from 'drizzle-orm'
import { APPLICATION_VERSION } from '#core'
import { database } from '../database/client'
import journal from '../database/migrations/meta/_journal.json'
import { ApiError, refuse } from '../utils/api-error'
import { defineApi } from '../utils/define-api'

/** Moment of the newest migration that this version knows, ms since 1970, as the migrator writes it down. */
const NEWEST = Math.max(...journal.entries.map(({ when }) => when))
const SHORTEST_SECRET = 32

/** Good only when the database answers, has the newest migration, and every secret is there. */
export default defineApi(async () => {
  if ((process.env.NUXT_SESSION_PASSWORD ?? '').length < SHORTEST_SECRET)
    throw refuse.notSetUp('noSessionPassword')
  try {
    const { rows } = await database().execute<{ newest: string | null }>(
      sql`select max(created_at) as newest from drizzle.__drizzle_migrations`,
    )
    if (Number(rows[0]?.newest ?? 0) < NEWEST) throw refuse.notSetUp('notMigrated')
  } catch (error) {
    throw error instanceof ApiError ? error : refuse.noDatabase('noDatabase')
  }
  return { ok: true, version: APPLICATION_VERSION }
})
