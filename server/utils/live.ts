import pg from 'pg'
import { databaseUrl } from '../database/client'

type Listener = () => void
const listeners = new Map<string, Set<Listener>>()

/** Waits before the database is asked again for notices, in ms: the first, and the longest. */
const AGAIN_MS = { first: 250, longest: 4_000 }

/** Listeners of a shop are called no more often, ms. */
const PACE_MS = 1_000
/** shops whose listeners were called a moment ago, and whether they are to be called again */
const resting = new Map<string, boolean>()

const CHANNEL = 'thermognosis_change'

let listening = false
let end: (() => void) | undefined

/**
 * Calls `listener` whenever the shop's cursor moves, on whichever instance that happened. One LISTEN connection a
 * process; the notice carries the shop's id only, so a lost one costs nothing but a moment.
 */
export function onShopChange(shopId: string, listener: Listener): () => void {
  if (!listening) {
    listening = true
    void listen(AGAIN_MS.first)
  }
  const set = listeners.get(shopId) ?? new Set()
  listeners.set(shopId, set.add(listener))
  return () => {
    set.delete(listener)
    if (set.size === 0) listeners.delete(shopId)
  }
}

/** Listens until the connection breaks, then anew: with longer and longer waits while the database is away. */
async function listen(waitMs: number): Promise<void> {
  const client = new pg.Client({
    connectionString: databaseUrl(),
    keepAlive: true,
    connectionTimeoutMillis: 2_000,
  })
  const broken = new Promise<void>((done) => {
    client.on('error', () => done())
    client.on('end', () => done())
  })
  end = () => void client.end().catch(() => undefined)
  client.on('notification', ({ payload }) => tell(payload))
  let next = Math.min(2 * waitMs, AGAIN_MS.longest)
  try {
    await client.connect()
    await client.query(`listen ${CHANNEL}`)
    next = AGAIN_MS.first
    // What changed while nobody listened is told now.
    for (const shop of listeners.keys()) tell(shop)
    await broken
  } catch {
    end()
  }
  if (listening) setTimeout(() => void listen(next), waitMs).unref()
}

/** Ends the connection for notices, with the process. */
export function stopListening(): void {
  listening = false
  end?.()
}

/**
 * Tells a shop's listeners at once, and what comes within the pace of that, once when it is over: where many record,
 * devices are not called more often than they can ask. Then one after the other, so that they do not all ask at the same
 * moment.
 */
function tell(shopId: string | undefined) {
  if (shopId === undefined) return
  if (resting.has(shopId)) return void resting.set(shopId, true)
  listeners.get(shopId)?.forEach((call) => call())
  rest(shopId)
}

function rest(shopId: string) {
  resting.set(shopId, false)
  setTimeout(() => {
    const isAsked = resting.get(shopId)
    resting.delete(shopId)
    if (!isAsked) return
    const all = [...(listeners.get(shopId) ?? [])]
    all.forEach((call, i) => setTimeout(call, (PACE_MS * i) / all.length).unref())
    rest(shopId)
  }, PACE_MS).unref()
}
