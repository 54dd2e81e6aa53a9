import { type Message, message } from '#core'
import { sentence } from '../../words/catalogue'

/** A picture ready to be kept: JPEG, at most 1600 px on its longer side. */
export interface Picture {
  sha256: string
  base64: string
  bytes: number
}

const LONGEST_PX = 1600
const BYTES_PER_MB = 1024 * 1024
const MOST_BYTES = 25 * BYTES_PER_MB

/** What is wrong with a file that was to be a photograph, in one sentence. */
export class PictureProblem extends Error {
  constructor(readonly problem: Message) {
    super(sentence(problem))
  }
}

/** Reads a photograph, turned upright, makes it smaller in the browser, and hashes it. PictureProblem when it cannot be. */
export async function readPhotograph(file: File): Promise<Picture> {
  if (file.size > MOST_BYTES)
    throw new PictureProblem(
      message('common.picture.tooLarge', {
        megabytes: Math.round(file.size / BYTES_PER_MB),
        most: MOST_BYTES / BYTES_PER_MB,
      }),
    )
  let bitmap: ImageBitmap
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' })
  } catch {
    throw new PictureProblem(message('common.picture.notReadable', { file: file.name }))
  }
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height))
  const canvas = Object.assign(document.createElement('canvas'), {
    width: Math.max(1, Math.round(bitmap.width * scale)),
    height: Math.max(1, Math.round(bitmap.height * scale)),
  })
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.82))
  if (!blob) throw new PictureProblem(message('common.picture.notSmaller'))
  const bytes = new Uint8Array(await blob.arrayBuffer())
  const digest = await crypto.subtle.digest('SHA-256', bytes)
  let binary = ''
  for (let i = 0; i < bytes.length; i += 8192)
    binary += String.fromCharCode(...bytes.subarray(i, i + 8192))
  return {
    sha256: [...new Uint8Array(digest)].map((b) => b.toString(16).padStart(2, '0')).join(''),
    base64: btoa(binary),
    bytes: bytes.length,
  }
}
