import { and, eq, sql } from 'drizzle-orm'
import { message } from '#core'
import { refuse } from '../utils/api-error'
import { database, inTransaction } from './client'
import { photographs, shops } from './schema'

const GIGABYTE = 1e9
const DEFAULT_QUOTA_GIGABYTES = 20

/** How much room a shop's photographs may take up, bytes. */
function quotaBytes(): number {
  const gigabytes = Number(process.env.THERMOGNOSIS_PHOTOGRAPH_GB ?? DEFAULT_QUOTA_GIGABYTES)
  return (gigabytes >= 0 ? gigabytes : DEFAULT_QUOTA_GIGABYTES) * GIGABYTE
}

export interface Photograph {
  shopId: string
  /** hash of the bytes as they were sent: the name by which records know it */
  sha256: string
  bytes: Buffer
  authorId: string
}

/** Whether a photograph is kept here already. */
export async function isKept({ shopId, sha256 }: Pick<Photograph, 'shopId' | 'sha256'>) {
  const found = await database()
    .select({ sha256: photographs.sha256 })
    .from(photographs)
    .where(and(eq(photographs.shopId, shopId), eq(photographs.sha256, sha256)))
  return found.length > 0
}

/** Keeps a photograph once; gives whether it was new. Refused when the shop's room is taken up. */
export const keepPhotograph = (photograph: Photograph): Promise<boolean> =>
  inTransaction(async (tx) => {
    const written = await tx
      .insert(photographs)
      .values({ ...photograph, mediaType: 'image/jpeg' })
      .onConflictDoNothing()
      .returning({ sha256: photographs.sha256 })
    if (written.length === 0) return false
    const quota = quotaBytes()
    const [room] = await tx
      .update(shops)
      .set({ photographBytes: sql`${shops.photographBytes} + ${photograph.bytes.length}` })
      .where(eq(shops.id, photograph.shopId))
      .returning({ used: shops.photographBytes })
    if (room!.used > quota)
      throw refuse.tooLarge(
        message('refusal.photographsFull', { gigabytes: Math.round(quota / GIGABYTE) }),
      )
    return true
  })
