import { liveQuery } from 'dexie'
import { shallowRef } from 'vue'
import { Refusal, Unreachable } from './api'
import type { Held, LocalDatabase, Result } from './database'
import { type Entry, isGone, isWaiting } from './entries'
import { fetchCases, putRows } from './receive'
import type { ToldRows } from './rows'

/** How fetching a case went: it stands here, the server has none under that id, or nobody answered. */
export type Fetched = 'here' | 'unknown' | 'unreachable'

/**
 * Which cases stand on this device and why, and what was computed of them. `held` is what the database says, across
 * tabs; `results` those that stood here when it was opened and those of this page since.
 */
export function useHeld(local: () => LocalDatabase | undefined) {
  const held = shallowRef(new Map<string, Held>())
  const results = shallowRef(new Map<string, Result>())

  /** Shows what is held, as it changes; returns what ends it. */
  function followHeld(from: LocalDatabase): () => void {
    const failed = (error: unknown) => from.isOpen() && console.error(error)
    void from.results
      .toArray()
      .then((all) => (results.value = new Map(all.map((result) => [result.key, result]))))
      .catch(failed)
    const subscription = liveQuery(() => from.held.toArray()).subscribe({
      next: (all) => (held.value = new Map(all.map((one) => [one.case, one]))),
      error: failed,
    })
    return () => {
      subscription.unsubscribe()
      held.value = new Map()
      results.value = new Map()
    }
  }

  const note = (caseId: string, said: (old: Held) => Held) =>
    local()!.change(async () => {
      const table = local()!.held
      await table.put(said((await table.get(caseId)) ?? { case: caseId }))
    })

  /** Notes that somebody looks at a case here. */
  const look = (caseId: string) =>
    note(caseId, (old) => ({ ...old, openedAt: new Date().toISOString() }))

  /** Keeps a case on this device until the pin is taken out. */
  const pin = (caseId: string, isPinned: boolean) =>
    note(caseId, ({ pinned: _, ...old }) => (isPinned ? { ...old, pinned: 1 } : old))

  /** Fetches a case that does not stand here. */
  async function fetchCase(caseId: string): Promise<Fetched> {
    const from = local()
    if (!from) return 'unreachable'
    try {
      const known = await fetchCases(from, [caseId], {
        isWanted: () => local() === from,
        heard: () => undefined,
      })
      return known.includes(caseId) ? 'here' : 'unknown'
    } catch (error) {
      if (error instanceof Unreachable || error instanceof Refusal) return 'unreachable'
      throw error
    }
  }

  /** Takes in rows that the server told of when it was asked for something else. */
  const takeIn = (rows: ToldRows) => local()!.change((next) => putRows(local()!, next, rows))

  /**
   * Puts cases away from this device, with the vehicles named; they can be fetched again. A case in which something waits
   * to be sent stays, and so does everything of it.
   */
  const putAway = (caseIds: readonly string[], others: readonly string[] = []) =>
    local()!.change(async (next) => {
      const { entries, held: table, results: computed } = local()!
      const gone = ({ id, kind }: Entry) => ({ id, kind, change: next(), gone: 1 }) as Entry
      for (const caseId of caseIds) {
        const all = await entries.where('case').equals(caseId).toArray()
        if (all.some(isWaiting)) continue
        await entries.bulkPut(all.filter((entry) => !isGone(entry)).map(gone))
        await table.delete(caseId)
        await computed.delete(caseId)
      }
      const rest = (await entries.bulkGet([...others])).filter((entry) => entry !== undefined)
      await entries.bulkPut(rest.filter((e) => !isWaiting(e) && !isGone(e)).map(gone))
    })

  /** Keeps what was computed of something, for the next time; where it cannot, it is computed again then. */
  function keepResult(key: string, stamp: string, value: unknown) {
    const result = { key, stamp, value }
    results.value = new Map(results.value).set(key, result)
    local()?.results.put(result).catch(console.error)
  }

  return { held, results, followHeld, look, pin, fetchCase, takeIn, putAway, keepResult }
}
