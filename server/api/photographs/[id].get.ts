import { and, eq } from 'drizzle-orm'
import { getRouterParam, setResponseHeader } from 'h3'
import { requireActor } from '../../auth/actor'
import { database } from '../../database/client'
import { photographs } from '../../database/schema'
import { refuse } from '../../utils/api-error'
import { defineApi } from '../../utils/define-api'

export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const [row] = await database()
    .select()
    .from(photographs)
    .where(
      and(
        eq(photographs.shopId, actor.shopId),
        eq(photographs.sha256, getRouterParam(event, 'id') ?? ''),
      ),
    )
  if (!row) throw refuse.notFound()
  setResponseHeader(event, 'content-type', row.mediaType)
  setResponseHeader(event, 'content-security-policy', "default-src 'none'")
  return row.bytes
})
