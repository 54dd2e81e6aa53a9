import { createServer, type Server } from 'node:http'
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client'
import { formatted } from '../../words/catalogue'
import { pool } from '../database/client'

/** What is measured while the server runs, in the format of Prometheus. */
export const registry = new Registry()
collectDefaultMetrics({ register: registry })

const requests = new Counter({
  name: 'thermognosis_requests_total',
  help: formatted('shell.metric.requests', {}),
  labelNames: ['method', 'route', 'status'] as const,
  registers: [registry],
})
const latency = new Histogram({
  name: 'thermognosis_request_seconds',
  help: formatted('shell.metric.seconds', {}),
  labelNames: ['method', 'route'] as const,
  buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.15, 0.25, 0.5, 1, 2.5, 5, 8],
  registers: [registry],
})
const entryAge = new Histogram({
  name: 'thermognosis_outbox_age_seconds',
  help: formatted('shell.metric.outboxAge', {}),
  buckets: [1, 5, 30, 60, 300, 3600, 86_400, 604_800],
  registers: [registry],
})
new Gauge({
  name: 'thermognosis_database_connections',
  help: formatted('shell.metric.connections', {}),
  labelNames: ['state'] as const,
  registers: [registry],
  collect() {
    const { totalCount, idleCount, waitingCount } = pool()
    this.set({ state: 'busy' }, totalCount - idleCount)
    this.set({ state: 'idle' }, idleCount)
    this.set({ state: 'waited-for' }, waitingCount)
  },
})
const streams = new Gauge({
  name: 'thermognosis_live_streams',
  help: formatted('shell.metric.streams', {}),
  registers: [registry],
})

/** A request was answered. `route` as it is declared, without what stands in it; `seconds` it took. */
export function noteRequest(method: string, route: string, status: number, seconds: number): void {
  requests.inc({ method, route, status })
  // A device follows live for hours: that is no time that anybody waits.
  if (route !== '/api/live') latency.observe({ method, route }, seconds)
}

/** An entry came; when it was recorded by the device's clock, and how far that is behind the server's, ms. */
export function noteEntry(observedAt: string, clockOffsetMs = 0, nowMs = Date.now()): void {
  const seconds = (nowMs - (Date.parse(observedAt) + clockOffsetMs)) / 1000
  if (Number.isFinite(seconds)) entryAge.observe(Math.max(0, seconds))
}

/** A device begins to follow live; returns what is called when it ends. */
export function noteStream(): () => void {
  streams.inc()
  return () => streams.dec()
}

/** Shows the figures on this machine only, where a port is set for it. */
export function serveMetrics(): Server | undefined {
  const port = Number(process.env.THERMOGNOSIS_METRICS_PORT)
  if (!Number.isInteger(port) || port <= 0) return undefined
  const server = createServer((request, response) => {
    if (request.url !== '/metrics') return void response.writeHead(404).end()
    registry.metrics().then(
      (text) => response.writeHead(200, { 'content-type': registry.contentType }).end(text),
      () => response.writeHead(500).end(),
    )
  })
  server.listen(port, '127.0.0.1')
  return server
}
