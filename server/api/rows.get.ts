import { getQuery } from 'h3'
import { z } from 'zod'
import { requireActor } from '../auth/actor'
import { database } from '../database/client'
import { toldOfCases } from '../database/told'
import { refuse } from '../utils/api-error'
import { defineApi } from '../utils/define-api'

/** Cases that may be asked for at once. */
const MOST_CASES = 25

const query = z.object({
  cases: z
    .string()
    .max(37 * MOST_CASES)
    .transform((ids) => ids.split(','))
    .pipe(z.array(z.uuid()).min(1).max(MOST_CASES)),
})

/** Everything of these cases that a device needs to work on them. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read', { byItself: true })
  const parsed = query.safeParse(getQuery(event))
  if (!parsed.success) throw refuse.bad('whichCases', 'cases', { most: MOST_CASES })
  return {
    ...(await toldOfCases(database(), actor.shopId, parsed.data.cases)),
    serverNow: new Date().toISOString(),
  }
})
