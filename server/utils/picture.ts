import sharp from 'sharp'
import { ApiError, refuse } from './api-error'

/** More than any device makes; an answer to pictures that are small as files and huge when they are read. */
const MOST_PIXELS = 24e6
const QUALITY = 82

// Pictures come one at a time and small; a cache would only hold memory.
sharp.cache(false)

/**
 * A photograph read and written anew as JPEG, upright and without what the camera noted in it (place, device, owner).
 * Refused when it cannot be read, is of another kind, or has more pixels than is sensible.
 */
export async function writtenAnew(bytes: Buffer): Promise<Buffer> {
  try {
    const picture = sharp(bytes, { failOn: 'error', limitInputPixels: false })
    const { format, width, height } = await picture.metadata()
    if (format !== 'jpeg') throw refuse.bad('noJpeg', 'base64')
    if (width * height > MOST_PIXELS)
      throw refuse.bad('tooManyPixels', 'base64', { megapixels: MOST_PIXELS / 1e6 })
    return await picture.rotate().jpeg({ quality: QUALITY, mozjpeg: false }).toBuffer()
  } catch (error) {
    throw error instanceof ApiError ? error : refuse.bad('notAPicture', 'base64')
  }
}
