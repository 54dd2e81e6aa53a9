import { subscribe } from 'node:diagnostics_channel'
import type { Server } from 'node:http'

/**
 * A connection that idles is kept longer than the minute for which proxies and clients keep theirs: whoever takes up one that
 * is being closed has sent an entry for nothing.
 */
const IDLE_MS = 75_000

export default defineNitroPlugin(() => {
  subscribe('http.server.request.start', (message) => {
    const { server } = message as { server: Server }
    server.keepAliveTimeout = IDLE_MS
  })
})
