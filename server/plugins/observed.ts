import { randomUUID } from 'node:crypto'
import { getRequestHeader, type H3Event, setResponseHeader } from 'h3'
import { log } from '../utils/log'
import { noteRequest, serveMetrics } from '../utils/metrics'
import { isBehindProxy } from '../utils/proxy'
import { routeName } from '../utils/route-name'

interface Seen {
  requestId?: string
  beganAt?: number
}

/** The proxy's id of a request where it can be trusted, so that its lines and ours can be put together. */
function idOf(event: H3Event): string {
  const given = isBehindProxy() ? getRequestHeader(event, 'x-request-id') : undefined
  return given !== undefined && /^[\w-]{8,64}$/.test(given) ? given : randomUUID()
}

/** Every request has an id, which its answer carries; a line of the log and the metrics tell how it went. */
export default defineNitroPlugin((nitro) => {
  const metrics = serveMetrics()
  nitro.hooks.hook('request', (event) => {
    const seen = event.context as Seen
    seen.requestId = idOf(event)
    seen.beganAt = performance.now()
    setResponseHeader(event, 'x-request-id', seen.requestId)
    event.node.res.once('close', () => {
      const { requestId, beganAt = 0 } = seen
      const seconds = (performance.now() - beganAt) / 1000
      const route = routeName(event.path)
      const { statusCode: status } = event.node.res
      noteRequest(event.method, route, status, seconds)
      if (route.startsWith('/api/'))
        log[status >= 500 ? 'error' : 'info']({
          requestId,
          method: event.method,
          route,
          status,
          ms: Math.round(seconds * 1000),
        })
    })
  })
  nitro.hooks.hook('close', () => void metrics?.close())
})
