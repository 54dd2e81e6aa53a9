import { liveQuery } from 'dexie'
import type { LocalDatabase } from './database'
import type { Entry } from './entries'

interface Shown {
  show: (entries: readonly Entry[]) => void
  /** the copy was forgotten: nothing of what was shown stands any more */
  clear: () => void
  failed: (error: unknown) => void
}

/** Waits after a failed reading before the next, ms. */
const AGAIN_MS = 500

/**
 * Shows what stands in the database and whatever any tab changes in it, in the order of the changes. What is shown is
 * what was read, and each reading asks for all that came after the last: one that fails costs a moment, no entry.
 * `first` is done when what stands there now is shown, `reached` when a change is.
 */
export function follow(local: LocalDatabase, { show, clear, failed }: Shown) {
  let seen = 0
  let epoch: number | undefined
  let stopped = false
  let subscription: { unsubscribe(): void } | undefined
  let waiting: { change: number; done: () => void }[] = []

  /** Done when this change, and all before it, are shown. */
  const reached = (change: number): Promise<void> =>
    new Promise((done) => {
      if (stopped || (epoch !== undefined && seen >= change)) done()
      else waiting.push({ change, done })
    })
  const first = reached(0)

  const changesSince = () =>
    local.transaction('r', local.entries, local.meta, async () => {
      const now = await local.number('epoch')
      const entries = await local.entries
        .where('change')
        .above(now === epoch ? seen : 0)
        .toArray()
      return { epoch: now, entries }
    })

  function next(read: { epoch: number; entries: Entry[] }) {
    if (stopped) return
    if (read.epoch !== epoch) clear()
    epoch = read.epoch
    seen = read.entries.reduce((last, { change }) => Math.max(last, change), seen)
    if (read.entries.length > 0) show(read.entries)
    tell()
  }

  function tell() {
    for (const { change, done } of waiting) if (stopped || seen >= change) done()
    waiting = stopped ? [] : waiting.filter(({ change }) => seen < change)
  }

  function subscribe() {
    subscription = liveQuery(changesSince).subscribe({
      next,
      error: (error: unknown) => {
        subscription?.unsubscribe()
        if (stopped) return
        failed(error)
        setTimeout(() => !stopped && subscribe(), AGAIN_MS)
      },
    })
  }
  subscribe()

  function stop() {
    stopped = true
    subscription?.unsubscribe()
    tell()
  }
  return { first, reached, stop }
}
