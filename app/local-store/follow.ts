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
/** Entries read in one go, between which the page is let on. */
const ENTRIES_AT_ONCE = 200
/** A lot larger than this is shown after what it took to read it: two short pieces of work, not one long. */
const READ_AND_SHOWN_AT_ONCE = 40

interface Latest {
  epoch: number
  change: number
}

/**
 * Shows what stands in the database and whatever any tab changes in it. What was written in one go is shown in one go,
 * however many lots it takes to read: a case never stands on a page with half of its record. What is shown is what was
 * read, and each reading asks for what came after the last: one that fails costs a moment, no entry. `first` is done
 * when what stood there at the start is shown, `reached` when a change is.
 */
export function follow(local: LocalDatabase, { show, clear, failed }: Shown) {
  let seen = 0
  let epoch: number | undefined
  let stopped = false
  let reading = false
  let latest: Latest | undefined
  let subscription: { unsubscribe(): void } | undefined
  let waiting: { change: number; done: () => void }[] = []

  /** Done when this change, and all before it, are shown. */
  const reached = (change: number): Promise<void> =>
    new Promise((done) => {
      if (stopped || (epoch !== undefined && seen >= change)) done()
      else waiting.push({ change, done })
    })
  const first = local.number('change').then(reached, () => reached(0))

  /** Whatever is written writes the number of its change, too, and so this is asked again. */
  const latestChange = () =>
    local.transaction('r', local.meta, async () => ({
      epoch: await local.number('epoch'),
      change: await local.number('change'),
    }))

  /** Everything after a change, in the order of the changes, read lot after lot. */
  async function entriesAfter(change: number): Promise<Entry[]> {
    const read: Entry[] = []
    while (!stopped) {
      const from = read.at(-1)?.change ?? change
      const lot = await local.entries.where('change').above(from).limit(ENTRIES_AT_ONCE).toArray()
      read.push(...lot)
      if (lot.length > READ_AND_SHOWN_AT_ONCE) await new Promise((on) => setTimeout(on))
      if (lot.length < ENTRIES_AT_ONCE) break
    }
    return read
  }

  /** Reads and shows until what is shown is the latest. */
  async function catchUp() {
    if (reading) return
    reading = true
    try {
      while (!stopped && latest && (latest.epoch !== epoch || seen < latest.change)) {
        const asOf = latest
        const read = await entriesAfter(asOf.epoch === epoch ? seen : 0)
        if (!stopped) next(read, asOf)
      }
    } catch (error) {
      if (!stopped) failed(error)
      setTimeout(() => void catchUp(), AGAIN_MS)
    } finally {
      reading = false
    }
  }

  function next(read: Entry[], asOf: Latest) {
    if (asOf.epoch !== epoch) clear()
    epoch = asOf.epoch
    // Numbers of what has been replaced since are passed over: everything up to then is shown.
    seen = Math.max(asOf.change, read.at(-1)?.change ?? 0)
    if (read.length > 0) show(read)
    tell()
  }

  function tell() {
    for (const { change, done } of waiting) if (stopped || seen >= change) done()
    waiting = stopped ? [] : waiting.filter(({ change }) => seen < change)
  }

  function subscribe() {
    subscription = liveQuery(latestChange).subscribe({
      next: (now) => {
        latest = now
        void catchUp()
      },
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
