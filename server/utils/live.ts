import { connection } from '../database/client'

type Listener = () => void
const listeners = new Map<string, Set<Listener>>()
let listening: Promise<unknown> | undefined

/**
 * Calls `listener` whenever the shop's cursor moves, on whichever instance that happened. One LISTEN connection a
 * process; the notice carries the shop's id only, so a lost one costs nothing but a moment.
 */
export function onShopChange(shopId: string, listener: Listener): () => void {
  listening ??= connection()
    .sql.listen('thermognosis_change', (shop) => listeners.get(shop)?.forEach((call) => call()))
    .catch(() => {
      listening = undefined
    })
  const set = listeners.get(shopId) ?? new Set()
  listeners.set(shopId, set.add(listener))
  return () => {
    set.delete(listener)
    if (set.size === 0) listeners.delete(shopId)
  }
}
