import { type H3Event, setResponseHeader } from 'h3'
import PdfPrinter from 'pdfmake'
import type { TDocumentDefinitions } from 'pdfmake/interfaces'

/** Fonts of the paper, the same as of the screen, built into the server. */
const FONT = 'barlow-semi-condensed-latin'
const fontFile = async (weight: 400 | 600): Promise<Buffer> =>
  Buffer.from(
    (await useStorage('assets:fonts').getItemRaw<Uint8Array>(`${FONT}-${weight}-normal.woff`))!,
  )

let printer: Promise<PdfPrinter> | undefined
async function makePrinter(): Promise<PdfPrinter> {
  const [normal, bold] = await Promise.all([fontFile(400), fontFile(600)])
  return new PdfPrinter({ Barlow: { normal, bold } })
}

/** A document as the bytes of a PDF. */
export async function pdfOf(paper: TDocumentDefinitions): Promise<Buffer> {
  const document = (await (printer ??= makePrinter())).createPdfKitDocument(paper)
  const chunks: Buffer[] = []
  return new Promise((done, failed) => {
    document.on('data', (chunk: Buffer) => chunks.push(chunk))
    document.on('end', () => done(Buffer.concat(chunks)))
    document.on('error', failed)
    document.end()
  })
}

/** Answers with a PDF that the browser shows, and saves under a name. */
export function sendPdf(event: H3Event, name: string, bytes: Buffer): Buffer {
  setResponseHeader(event, 'content-type', 'application/pdf')
  setResponseHeader(event, 'content-security-policy', "default-src 'none'")
  setResponseHeader(event, 'content-disposition', `inline; filename="${name}.pdf"`)
  return bytes
}
