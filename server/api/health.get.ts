import { sql } from 'drizzle-orm'
import { APPLICATION_VERSION } from '#core'
import { database } from '../database/client'
import { refuse } from '../utils/api-error'
import { defineApi } from '../utils/define-api'

/** Good only when the database answers within two seconds and has its tables. */
export default defineApi(async () => {
  const answer = database().execute(sql`select count(*) from shops`)
  const late = new Promise<never>((_, fail) =>
    setTimeout(() => fail(new Error('late')), 2000).unref(),
  )
  try {
    await Promise.race([answer, late])
  } catch {
    answer.catch(() => undefined)
    throw refuse.noDatabase('noDatabase')
  }
  return { ok: true, version: APPLICATION_VERSION }
})
