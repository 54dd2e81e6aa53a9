import type { Content } from 'pdfmake/interfaces'
import { type CaseFile, ofKind, standing } from '#core'
import { partName } from '../../words/catalogue'
import { nameOfAny } from '../../words/check-names'
import { momentOf, quiet } from './paper'

/** Photographs with their captions, two beside each other. */
export function pictures(
  file: CaseFile,
  photographs: ReadonlyMap<string, Buffer>,
  from: number,
  to?: number,
): Content[] {
  const all = ofKind(standing(file.records), 'photo.taken').flatMap(({ data, observedAt }) => {
    const bytes = photographs.get(data.sha256)
    const caption =
      data.words ?? (data.part ? partName(data.part) : data.check ? nameOfAny(data.check) : '')
    return bytes ? [{ bytes, caption: `${caption}, ${momentOf(observedAt)}` }] : []
  })
  const cell = (one: (typeof all)[number] | undefined): Content =>
    one
      ? {
          stack: [
            { image: `data:image/jpeg;base64,${one.bytes.toString('base64')}`, fit: [225, 170] },
            quiet(one.caption),
          ],
        }
      : { text: '' }
  const chosen = all.slice(from, to)
  return Array.from({ length: Math.ceil(chosen.length / 2) }, (_, row) => ({
    columns: [cell(chosen[2 * row]), cell(chosen[2 * row + 1])],
    columnGap: 16,
    margin: [0, 10, 0, 0] as [number, number, number, number],
    unbreakable: true,
  }))
}
