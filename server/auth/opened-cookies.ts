import { getCookie, getRequestHeader, type H3Event } from 'h3'
import { LRUCache } from 'lru-cache'

/** What the sealed cookie of a session holds. */
export interface SealedSession {
  sessionId: string
  shopId: string
}

/** What the session library calls its cookie where nothing else is set. */
const SESSION_COOKIE = 'nuxt-session'

/**
 * Cookies opened lately, by what they are sealed as. Opening one derives two keys and takes longer than all else that a
 * request costs; a cookie never changes, and whether its session still holds is asked of the database each time. Kept
 * for a few minutes, so that a cookie that is too old is found to be so.
 */
const opened = new LRUCache<string, SealedSession>({ max: 2_000, ttl: 600_000 })

/**
 * What the session's cookie holds; nothing where there is none, or one that this server did not seal. A request in which
 * the session was opened or replaced already is left to the library: what it holds then is not what its cookie does.
 */
export async function sealedSession(event: H3Event): Promise<SealedSession | undefined> {
  // Without the event: with it the whole configuration is put together anew for each request.
  const { name = SESSION_COOKIE } = useRuntimeConfig().session
  const isAsItCame =
    event.context.sessions?.[name] === undefined &&
    getRequestHeader(event, `x-${name.toLowerCase()}-session`) === undefined
  const sealed = isAsItCame ? getCookie(event, name) : undefined
  const known = sealed === undefined ? undefined : opened.get(sealed)
  if (known) return known
  const { secure } = (await getUserSession(event)) as { secure?: SealedSession }
  if (!secure) return undefined
  const { sessionId, shopId } = secure
  if (sealed !== undefined) opened.set(sealed, { sessionId, shopId })
  return { sessionId, shopId }
}
