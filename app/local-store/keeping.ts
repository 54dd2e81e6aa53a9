import { ref } from 'vue'
import type { LocalDatabase } from './database'
import type { Entry, OutboxItem } from './entries'
import { problemOf, useUnkept } from './unkept'
import { Late } from './within'

/** What is told while something is brought into the browser's database. */
interface Told {
  show: (entries: readonly Entry[]) => void
  /** it waits there to be sent */
  isThere: () => void
  /** the database did not take it */
  isNotThere: () => void
}

const gone = ({ id, kind }: Entry, change: number): Entry => ({ id, kind, change, gone: 1 })

/** Brings what was recorded into the browser's database, and holds what that did not take. */
export function useKeeping(database: () => LocalDatabase | undefined, told: Told) {
  const { unkept, add, take, sendDirectly } = useUnkept()
  /** entries on their way into the browser's database */
  const storing = ref(0)
  /** let go while the database may still take them */
  const letGoOf = new Set<string>()

  /** Keeps one item; tells whether it is kept. */
  async function keepItem({ problem: _, ...rest }: OutboxItem): Promise<boolean> {
    const into = database()!
    const item = rest as OutboxItem
    storing.value += 1
    try {
      stands(await store(item, into), into)
      return true
    } catch (error) {
      add(item, problemOf(error))
      told.isNotThere()
      if (error instanceof Late)
        void (error as Late<Entry>).work.then((entry) => arrivedLate(entry, into)).catch(() => {})
      return false
    } finally {
      storing.value -= 1
    }
  }

  /** Puts it into the database, unless it stands there since an earlier try; gives what stands there. */
  const store = (item: OutboxItem, into: LocalDatabase): Promise<Entry> =>
    into.change(async (next) => {
      const before = await into.entries.get(item.id)
      if (before) return before
      const change = next()
      const entry = letGoOf.has(item.id)
        ? gone(item, change)
        : ({ ...item, change, order: change } as OutboxItem)
      await into.entries.add(entry)
      return entry
    })

  function stands(entry: Entry, into: LocalDatabase) {
    // It stands among what waits before it is no longer on its way: at no moment is it in neither. What is stored of
    // it from now on, `follow` shows, however much it has to read before that.
    if (database() === into) told.show([entry])
    take(entry)
    told.isThere()
  }

  /** A database that was given up on took it after all: it is kept, unless somebody let go of it meanwhile. */
  async function arrivedLate(entry: Entry, into: LocalDatabase) {
    if (!letGoOf.has(entry.id)) return stands(entry, into)
    await into.change((next) => into.entries.put(gone(entry, next())))
  }

  /** Tries again to keep what could not be kept, in its order. */
  async function keepAgain() {
    for (const item of unkept.value) if (!(await keepItem(item))) return
  }

  /** Lets go of what could not be kept. */
  function letGo(item: OutboxItem) {
    letGoOf.add(item.id)
    take(item)
    told.show([gone(item, 0)])
  }

  return { unkept, storing, keepItem, keepAgain, sendDirectly, letGo }
}
