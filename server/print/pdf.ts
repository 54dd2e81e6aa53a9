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
