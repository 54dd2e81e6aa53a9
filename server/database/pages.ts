import { LRUCache } from 'lru-cache'
import { changesAfter, type Cursor, lastChange } from './read'

/** Pages kept, for the moment in which many devices ask for the same. */
const pages = new LRUCache<string, Promise<string>>({ max: 60, ttl: 5_000 })

/**
 * A page of changes as JSON. Devices that follow a shop live all ask at once, and mostly for the same: a page is read and
 * written out once for each state of the shop. The number of its last change is asked for first, so that nobody gets a
 * page from before.
 */
export async function changesText(shopId: string, cursor: Cursor): Promise<string> {
  const key = [shopId, cursor.after, cursor.mark, await lastChange(shopId)].join('/')
  const known = pages.get(key)
  if (known) return known
  const text = changesAfter(shopId, cursor).then((page) => JSON.stringify(page))
  pages.set(key, text)
  text.catch(() => pages.delete(key))
  return text
}
