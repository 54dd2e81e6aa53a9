import { getQuery, getRouterParam, setResponseHeader } from 'h3'
import { z } from 'zod'
import { ofKind, quoteState, standing } from '#core'
import { requireActor } from '../../../auth/actor'
import { loadCase } from '../../../database/read'
import { pdfOf } from '../../../print/pdf'
import { quotePaper } from '../../../print/quote-paper'
import { refuse } from '../../../utils/api-error'
import { checked } from '../../../utils/checked'
import { defineApi } from '../../../utils/define-api'

const query = z.object({ paper: z.enum(['A4', 'LETTER']).default('A4') })

/** The newest quote of a case as PDF, with what was accepted of it. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const { paper } = checked(query, getQuery(event))
  const id = z.uuid().safeParse(getRouterParam(event, 'id'))
  const parts = id.success ? await loadCase(actor.shopId, id.data) : undefined
  if (!parts) throw refuse.notFound()
  const records = standing(parts.records)
  const state = quoteState(ofKind(records, 'quote.drawn'), ofKind(records, 'quote.answered'))
  if (!state) throw refuse.notFound()
  const bytes = await pdfOf(
    quotePaper(
      {
        shop: parts.shop.name,
        vehicle: parts.vehicle.name,
        plate: parts.vehicle.plate,
        drawnAt: state.quote.observedAt,
        quote: state.quote.data,
        answer: state.answer,
      },
      paper,
    ),
  )
  setResponseHeader(event, 'content-type', 'application/pdf')
  setResponseHeader(event, 'content-security-policy', "default-src 'none'")
  setResponseHeader(event, 'content-disposition', `inline; filename="quote-${parts.case.id}.pdf"`)
  return bytes
})
