/**
 * Follows the server's notices of change, once for all tabs: a browser gives a site six connections, and a tab each
 * would leave none to send with. The tab that holds the lock listens; what it then takes into the store, every tab
 * shows. When it closes, the next takes over. Returns what ends it.
 */
export function followLive(
  owner: string,
  isSignedIn: () => boolean,
  changed: () => void,
): () => void {
  const end = new AbortController()
  const listen = () =>
    new Promise<void>((release) => {
      let source: EventSource | undefined
      const connect = () => {
        if (end.signal.aborted || !isSignedIn()) return release()
        const mine = (source = new EventSource('/api/live'))
        mine.addEventListener('message', (message) => {
          if (message.data !== 'beat') changed()
        })
        mine.addEventListener('error', () => {
          if (mine.readyState === EventSource.CLOSED)
            setTimeout(() => source === mine && connect(), AGAIN_MS)
        })
      }
      end.signal.addEventListener('abort', () => {
        source?.close()
        source = undefined
        release()
      })
      connect()
    })
  navigator.locks
    .request(`thermognosis-live-${owner}`, { signal: end.signal }, listen)
    .catch(() => undefined)
  return () => end.abort()
}

const AGAIN_MS = 8_000
