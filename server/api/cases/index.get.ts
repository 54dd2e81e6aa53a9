import { getQuery } from 'h3'
import { z } from 'zod'
import { COMPLAINTS } from '#core'
import { requireActor } from '../../auth/actor'
import { searchCases } from '../../database/search'
import { refuse } from '../../utils/api-error'
import { defineApi } from '../../utils/define-api'

const query = z.object({
  text: z.string().max(80).optional(),
  complaint: z.enum(COMPLAINTS).optional(),
  bay: z.string().min(1).max(40).optional(),
  person: z.uuid().optional(),
  open: z.enum(['yes', 'no']).optional(),
  /** where the page before ended */
  touchedBefore: z.iso.datetime().optional(),
  idBefore: z.uuid().optional(),
})

/** The cases of the shop that are as they are sought; those touched last first. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const parsed = query.safeParse(getQuery(event))
  if (!parsed.success) throw refuse.bad('search', String(parsed.error.issues[0]?.path[0] ?? 'text'))
  const { open, touchedBefore, idBefore, ...sought } = parsed.data
  return searchCases(actor.shopId, {
    ...sought,
    isOpen: open && open === 'yes',
    after: touchedBefore && idBefore ? { touchedAt: touchedBefore, id: idBefore } : undefined,
  })
})
