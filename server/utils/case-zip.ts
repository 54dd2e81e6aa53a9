import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { MAX_FILE_BYTES, MAX_PHOTOGRAPH_BYTES, MAX_ZIP_BYTES, message } from '#core'
import { refuse } from './api-error'

/** A case file and its photographs, by the hash that the file names them by. */
export interface CaseZip {
  text: string
  photographs: ReadonlyMap<string, Buffer>
}

export const ZIP = 'application/zip'
const CASE = 'case.json'
const PHOTOGRAPH = /^photographs\/([0-9a-f]{64})\.jpg$/
const nameOf = (sha256: string) => `photographs/${sha256}.jpg`
/** Photographs are packed already. */
const AS_IT_IS = { level: 0 } as const

/** One zip of a case: "case.json", and "photographs/<hash>.jpg" for each. */
export function zipOf({ text, photographs }: CaseZip): Buffer {
  const pictures = [...photographs].map(([sha256, bytes]) => [nameOf(sha256), [bytes, AS_IT_IS]])
  return Buffer.from(zipSync({ [CASE]: strToU8(text), ...Object.fromEntries(pictures) }))
}

/**
 * What stands in such a zip; files of other names, and larger ones than are taken, are passed over. Refused where it is
 * damaged, where it holds no case, and where all of it unpacked is more than a zip may have: what packs that well is no
 * picture.
 */
export function caseIn(zip: Buffer): CaseZip {
  let files: Record<string, Uint8Array>
  let unpackedBytes = 0
  const isTaken = ({ name, originalSize }: { name: string; originalSize: number }) => {
    if (!isWanted(name, originalSize)) return false
    unpackedBytes += originalSize
    return unpackedBytes <= MAX_ZIP_BYTES
  }
  try {
    files = unzipSync(zip, { filter: isTaken })
  } catch {
    throw refuse.bad('zipDamaged')
  }
  if (unpackedBytes > MAX_ZIP_BYTES)
    throw refuse.tooLarge(message('file.tooLarge', { megabytes: MAX_ZIP_BYTES / 1048576 }))
  const text = files[CASE]
  if (!text) throw refuse.bad('zipWithoutCase')
  const photographs = Object.entries(files).flatMap(([name, bytes]): [string, Buffer][] => {
    const sha256 = PHOTOGRAPH.exec(name)?.[1]
    return sha256 ? [[sha256, Buffer.from(bytes)]] : []
  })
  return { text: strFromU8(text), photographs: new Map(photographs) }
}

function isWanted(name: string, bytes: number): boolean {
  if (name === CASE) return bytes <= MAX_FILE_BYTES
  return PHOTOGRAPH.test(name) && bytes <= MAX_PHOTOGRAPH_BYTES
}
