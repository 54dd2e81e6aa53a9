import { createEventStream } from 'h3'
import { actorOf, requireActor } from '../auth/actor'
import { defineApi } from '../utils/define-api'
import { noteStream } from '../utils/metrics'
import { onShopChange } from '../utils/live'

/** Server-sent events: one "change" whenever this shop's cursor moves; the browser then asks for what is new. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read', { byItself: true })
  const stream = createEventStream(event)
  const stop = onShopChange(actor.shopId, () => void stream.push('change').catch(() => undefined))
  const beat = setInterval(async () => {
    const still = await actorOf(event).catch(() => actor)
    if (still) await stream.push('beat').catch(() => undefined)
    else await stream.close()
  }, 25_000)
  const ended = noteStream()
  stream.onClosed(async () => {
    ended()
    clearInterval(beat)
    stop()
    await stream.close()
  })
  setTimeout(() => void stream.push('hello').catch(() => undefined), 10)
  return stream.send()
})
