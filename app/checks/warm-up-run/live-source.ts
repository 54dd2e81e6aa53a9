import type { ReaderState, VehicleValue } from '#core'
import { openSerialLine, type SerialLike } from './serial-line'

/** What is told of a line, ten times a second at most. */
export interface LiveNews {
  /** the clock of whoever reads, ms since 1970: the server's, or this device's */
  now: number
  state: ReaderState | 'connecting' | 'gone'
  garbled: number
  samples: { at: number; name: VehicleValue; value: number }[]
}
export type LiveState = LiveNews['state']
type Take = (news: LiveNews) => void

/** What a run says it was read from where that was this device's own port; no adapter of the shop is called so. */
export const OWN_PORT = 'serial'

/**
 * Follows an adapter through the server: first what came since a moment, then what comes.
 * @param lost called once when the connection is lost; whoever follows asks anew
 * @returns ends it
 */
export function followServer(
  adapter: string,
  since: number,
  take: Take,
  lost: () => void,
): () => void {
  const asked = new URLSearchParams({ name: adapter, since: String(since) })
  const source = new EventSource(`/api/adapters/stream?${asked}`)
  source.addEventListener('message', ({ data }) => take(JSON.parse(String(data)) as LiveNews))
  source.addEventListener('error', () => {
    // The browser would connect anew with the old question.
    source.close()
    lost()
  })
  return () => source.close()
}

/** Follows the adapter on the port that this browser was granted; says that it is gone where none was. */
export function followOwnPort(serial: SerialLike | undefined, take: Take): () => void {
  let close: (() => Promise<void>) | undefined
  let isOver = false
  void (async () => {
    const [port] = (await serial?.getPorts()) ?? []
    if (isOver) return
    if (port) close = openSerialLine(port, take)
    else take({ now: Date.now(), state: 'gone', garbled: 0, samples: [] })
  })()
  return () => {
    isOver = true
    void close?.()
  }
}
