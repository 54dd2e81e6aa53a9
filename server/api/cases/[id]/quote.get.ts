import { getQuery } from 'h3'
import { z } from 'zod'
import { ofKind, quoteState, standing } from '#core'
import { requireActor } from '../../../auth/actor'
import { PAPER_SIZES } from '../../../print/paper'
import { pdfOf, sendPdf } from '../../../print/pdf'
import { quotePaper } from '../../../print/quote-paper'
import { refuse } from '../../../utils/api-error'
import { caseAsked } from '../../../utils/case-asked'
import { checked } from '../../../utils/checked'
import { defineApi } from '../../../utils/define-api'

const query = z.object({ paper: z.enum(PAPER_SIZES).default('A4') })

/** The newest quote of a case as PDF, with what was accepted of it. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const { paper } = checked(query, getQuery(event))
  const parts = await caseAsked(event, actor.shopId)
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
  return sendPdf(event, `quote-${parts.case.id}`, bytes)
})
