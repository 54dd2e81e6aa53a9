import { createEventStream, getQuery } from 'h3'
import { z } from 'zod'
import { adaptersOf } from '../../adapters/configured'
import { type LineNews, lineTo } from '../../adapters/line'
import { actorOf, requireActor } from '../../auth/actor'
import { refuse } from '../../utils/api-error'
import { checked } from '../../utils/checked'
import { defineApi } from '../../utils/define-api'
import { noteStream } from '../../utils/metrics'

const query = z.object({
  name: z.string().min(1).max(60),
  /** moment of the last sample that the device has, ms since 1970 by the server's clock */
  since: z.coerce.number().min(0).default(Number.MAX_SAFE_INTEGER),
})
/** News of one line are gathered so long, ms: a device is told ten times a second at most. */
const GATHER_MS = 100

/** Server-sent events: what is read through one adapter, as it comes; first what a device missed since a moment. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read', { byItself: true })
  const { name, since } = checked(query, getQuery(event))
  const adapter = adaptersOf(actor.shopId).find((one) => one.name === name)
  if (!adapter) throw refuse.notFound()
  const stream = createEventStream(event)
  let gathered: LineNews | undefined
  const send = (news: LineNews) =>
    void stream.push(JSON.stringify({ now: Date.now(), ...news })).catch(() => undefined)
  const stop = lineTo(adapter.port).follow(since, (news) => {
    gathered = { ...news, samples: [...(gathered?.samples ?? []), ...news.samples] }
  })
  const beat = setInterval(() => {
    if (!gathered) return
    send(gathered)
    gathered = undefined
  }, GATHER_MS)
  const watch = setInterval(async () => {
    const still = await actorOf(event).catch(() => actor)
    if (!still) await stream.close()
  }, 25_000)
  const ended = noteStream()
  stream.onClosed(async () => {
    ended()
    clearInterval(beat)
    clearInterval(watch)
    stop()
    await stream.close()
  })
  return stream.send()
})
