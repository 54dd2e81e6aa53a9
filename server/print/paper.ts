import { DateTime } from 'luxon'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { formatted } from '../../words/catalogue'

/** Sizes of paper that the shop's printers take. */
export const PAPER_SIZES = ['A4', 'LETTER'] as const
export type PaperSize = (typeof PAPER_SIZES)[number]

export const INK = '#1d2a2e'
export const QUIET = '#56666b'
export const LINE = '#cfc8b8'

/** A sentence of the catalogue, in the language that paper is printed in. */
export const say = (id: string, told: Record<string, string | number> = {}) => formatted(id, told)
export const dayOf = (moment: DateTime) => moment.toFormat('d LLLL yyyy')
export const momentOf = (written: string) =>
  DateTime.fromISO(written, { setZone: true }).toFormat('d LLLL yyyy, HH:mm')

/** Thin lines between the rows of a table, none beside them. */
export const RULES = {
  hLineWidth: () => 0.6,
  vLineWidth: () => 0,
  hLineColor: () => LINE,
  paddingTop: () => 5,
  paddingBottom: () => 5,
}

/** What a part of a document is about. */
export const heading = (text: string): Content => ({
  text,
  fontSize: 14,
  bold: true,
  margin: [0, 16, 0, 4],
})
/** What stands beside. */
export const quiet = (text: string): Content => ({ text, color: QUIET, fontSize: 9.5 })

/** Paper that is filed is read in years to come: PDF/A-3b has its fonts and its colours within it. */
const TO_BE_KEPT = { version: '1.7', subset: 'PDF/A-3b', language: 'en' } as const

/** Pages of a document about one vehicle: the shop's fonts, and the vehicle and the page's number on each. */
export function pagesOf(
  { title, shop, about }: { title: string; shop: string; about: string },
  size: PaperSize,
  content: Content[],
): TDocumentDefinitions {
  return {
    ...TO_BE_KEPT,
    pageSize: size,
    pageMargins: [56, 56, 56, 64],
    defaultStyle: { font: 'Barlow', fontSize: 10.5, color: INK, lineHeight: 1.15 },
    info: { title: `${title} ${about}`.trim(), author: shop },
    footer: (page, pages) => ({
      columns: [
        { text: about, color: QUIET },
        { text: say('quote.paper.page', { page, pages }), alignment: 'right', color: QUIET },
      ],
      margin: [56, 20, 56, 0],
      fontSize: 9,
    }),
    content: [
      {
        columns: [
          { text: title, fontSize: 24, bold: true },
          { text: shop, alignment: 'right', bold: true, margin: [0, 10, 0, 0] },
        ],
      },
      ...content,
    ],
  }
}
