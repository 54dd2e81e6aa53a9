import { DateTime } from 'luxon'
import { getQuery } from 'h3'
import { z } from 'zod'
import { composeCaseFile, ofKind, rankCase, standing } from '#core'
import { requireActor } from '../../../auth/actor'
import { experienceOf } from '../../../database/learning'
import { photographsOf } from '../../../database/photographs'
import { PAPER_SIZES } from '../../../print/paper'
import { pdfOf, sendPdf } from '../../../print/pdf'
import { reportPaper } from '../../../print/report-paper'
import { caseAsked } from '../../../utils/case-asked'
import { checked } from '../../../utils/checked'
import { defineApi } from '../../../utils/define-api'

const query = z.object({ paper: z.enum(PAPER_SIZES).default('A4') })

/** The report of a case as PDF: for the keeper in plain words, and everything for the file. */
export default defineApi(async (event) => {
  const { shopId, usesExperience } = await requireActor(event, 'read')
  const { paper } = checked(query, getQuery(event))
  const parts = await caseAsked(event, shopId)
  const printedAt = DateTime.now()
  const file = composeCaseFile(parts, printedAt.toISO())
  const experience = usesExperience ? await experienceOf(shopId) : undefined
  const taken = ofKind(standing(file.records), 'photo.taken').map(({ data }) => data.sha256)
  const bytes = await pdfOf(
    reportPaper(
      {
        file,
        ranked: rankCase({ ...file, ...(experience && { experience }) }),
        photographs: await photographsOf(shopId, taken),
        printedAt,
      },
      paper,
    ),
  )
  return sendPdf(event, `report-${file.case.id}`, bytes)
})
