import { DateTime } from 'luxon'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { lineMinor, NEEDS, type QuoteAnswered, type QuoteDrawn, totalsOf } from '#core'
import { formatMoney } from '../../words/format'
import { SOURCE_LANGUAGE } from '../../words/languages'
import { dayOf, pagesOf, type PaperSize, QUIET, RULES, say } from './paper'

/** A quote as it is printed, of which case and by whom. */
export interface QuoteOnPaper {
  shop: string
  vehicle: string
  plate?: string | undefined
  /** ISO 8601 moment at which it was drawn up */
  drawnAt: string
  quote: QuoteDrawn
  answer?: { data: QuoteAnswered; observedAt: string } | undefined
}

/** The page of a quote: who and which vehicle, the lines by how much they matter, the sums, what was accepted. */
export function quotePaper(paper: QuoteOnPaper, size: PaperSize): TDocumentDefinitions {
  const { quote, answer, shop, vehicle, plate } = paper
  const drawn = DateTime.fromISO(paper.drawnAt, { setZone: true })
  const about = [vehicle, plate].filter(Boolean).join(' · ')
  return pagesOf({ title: say('quote.title'), shop, about }, size, [
    {
      columns: [
        [
          { text: say('quote.paper.for'), color: QUIET },
          { text: about, bold: true },
        ],
        [
          { text: say('quote.paper.drawn', { date: dayOf(drawn) }), alignment: 'right' },
          {
            text: say('quote.paper.validUntil', {
              date: dayOf(drawn.plus({ days: quote.validDays })),
            }),
            alignment: 'right',
          },
        ],
      ],
      margin: [0, 14, 0, 18],
    },
    linesOf(quote),
    sumsOf(quote),
    ...(quote.words ? [{ text: quote.words, margin: [0, 14, 0, 0] } satisfies Content] : []),
    ...(answer ? [acceptedBy(quote, answer)] : []),
    { text: say('quote.paper.deference'), color: QUIET, fontSize: 9, margin: [0, 22, 0, 0] },
  ])
}

const shown = (minor: number, { currency }: QuoteDrawn) =>
  formatMoney(minor, currency, SOURCE_LANGUAGE)

function linesOf(quote: QuoteDrawn): Content {
  const head = ['quote.what', 'quote.quantity', 'quote.price', 'quote.paper.amount']
  const right = { alignment: 'right', noWrap: true } as const
  const rows = NEEDS.flatMap((need) => {
    const lines = quote.lines.filter((line) => line.need === need)
    if (lines.length === 0) return []
    const title = { text: say(`quote.need.${need}`), bold: true, colSpan: 4, color: QUIET }
    return [
      [title, '', '', ''],
      ...lines.map((line) => [
        { text: line.text },
        { text: `${line.quantity} ${say(`quote.unit.${line.unit}`)}`, ...right },
        {
          text: formatMoney(
            lineMinor({ quantity: 1, unitPrice: line.unitPrice }, quote.currency),
            quote.currency,
            SOURCE_LANGUAGE,
          ),
          ...right,
        },
        { text: shown(lineMinor(line, quote.currency), quote), ...right },
      ]),
    ]
  })
  return {
    table: {
      headerRows: 1,
      widths: ['*', 'auto', 'auto', 'auto'],
      body: [
        head.map((id, i) => ({ text: say(id), bold: true, ...(i > 0 ? right : {}) })),
        ...rows,
      ],
    },
    layout: RULES,
  }
}

function sumsOf(quote: QuoteDrawn): Content {
  const { netMinor, taxMinor, grossMinor } = totalsOf(quote.lines, quote)
  const needed = quote.lines.filter(({ need }) => need === 'needed')
  const row = (text: string, minor: number, isBold = false) => [
    { text, bold: isBold },
    { text: shown(minor, quote), alignment: 'right' as const, bold: isBold, noWrap: true },
  ]
  return {
    table: {
      widths: ['*', 'auto'],
      body: [
        row(say('quote.net'), netMinor),
        row(say('quote.tax', { percent: quote.taxPercent }), taxMinor),
        row(say('quote.gross'), grossMinor, true),
        ...(needed.length > 0 && needed.length < quote.lines.length
          ? [row(say('quote.sum.needed'), totalsOf(needed, quote).grossMinor)]
          : []),
      ],
    },
    layout: RULES,
    margin: [220, 16, 0, 0],
  }
}

function acceptedBy(
  quote: QuoteDrawn,
  { data, observedAt }: NonNullable<QuoteOnPaper['answer']>,
): Content {
  return {
    text: say('quote.paper.accepted', {
      keeper: data.keeper,
      date: dayOf(DateTime.fromISO(observedAt, { setZone: true })),
      count: data.accepted.filter(Boolean).length,
      lines: quote.lines.length,
    }),
    bold: true,
    margin: [0, 14, 0, 0],
  }
}
