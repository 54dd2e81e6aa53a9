import { sql } from 'drizzle-orm'
import { database } from '../database/client'
import { refuse } from '../utils/api-error'
import { defineApi } from '../utils/define-api'

/** Good while the database answers: whether requests are to be sent here now. */
export default defineApi(async () => {
  try {
    await database().execute(sql`select 1`)
  } catch {
    throw refuse.noDatabase('noDatabase')
  }
  return { ready: true }
})
