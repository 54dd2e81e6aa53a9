import { and, eq, inArray, sql } from 'drizzle-orm'
import { message } from '#core'
import { refuse } from '../utils/api-error'
import { writtenAnew } from '../utils/picture'
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

/** The bytes of some photographs of a shop, by their hash; those that are not kept here are left out. */
export async function photographsOf(
  shopId: string,
  hashes: readonly string[],
): Promise<Map<string, Buffer>> {
  if (hashes.length === 0) return new Map()
  const rows = await database()
    .select({ sha256: photographs.sha256, bytes: photographs.bytes })
    .from(photographs)
    .where(and(eq(photographs.shopId, shopId), inArray(photographs.sha256, [...hashes])))
  return new Map(rows.map(({ sha256, bytes }) => [sha256, bytes]))
}

/** Those of some photographs that are not kept here, each written anew; refused where one of them is no picture. */
export async function missingOf(
  shopId: string,
  sent: ReadonlyMap<string, Buffer>,
): Promise<Map<string, Buffer>> {
  const missing = new Map<string, Buffer>()
  for (const [sha256, bytes] of sent)
    if (!(await isKept({ shopId, sha256 }))) missing.set(sha256, await writtenAnew(bytes))
  return missing
}

/** Keeps photographs under the hashes by which the records that came with them know them. */
export async function keepAll(
  { shopId, personId: authorId }: { shopId: string; personId: string },
  anew: ReadonlyMap<string, Buffer>,
): Promise<void> {
  for (const [sha256, bytes] of anew) await keepPhotograph({ shopId, sha256, bytes, authorId })
}
