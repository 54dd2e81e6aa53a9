import { createHash } from 'node:crypto'
import sharp from 'sharp'

export interface Sent {
  sha256: string
  base64: string
}

/** A photograph as a device sends it: a JPEG of one colour, no two alike. */
export async function picture(
  { width = 40, height = 30, format = 'jpeg' as 'jpeg' | 'png' } = {},
  exif?: Record<string, string>,
): Promise<Sent> {
  const made = sharp({
    create: {
      width,
      height,
      channels: 3,
      background: { r: Math.random() * 255, g: Math.random() * 255, b: Math.random() * 255 },
    },
  })
  const bytes = await (exif ? made.withExif({ IFD0: exif }) : made).toFormat(format).toBuffer()
  return asSent(bytes)
}

export const asSent = (bytes: Buffer): Sent => ({
  sha256: createHash('sha256').update(bytes).digest('hex'),
  base64: bytes.toString('base64'),
})
