import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { ask, Refusal } from './api'
import { rowsOfPage, type Changes, type FreshRows } from './changes'
import { followLive } from './live'
import { useCopyTables } from './copy-tables'
import type { SessionOfCopy } from './session-of-copy'
import { oneAtATime } from './one-at-a-time'
import { PACE_MS, useSynchronise } from './synchronise'
import {
  LocalDatabase,
  type Bodies,
  type Copy,
  type CopyRows,
  type Entity,
  type OutboxItem,
} from './local-database'

/**
 * The shop as this device knows it, and the one outbox that everything recorded goes through. What is written
 * stands in the browser's database before anything else happens; sending follows in order and by its author only.
 */
export function useShopCopy(session: SessionOfCopy, paceMs = PACE_MS) {
  const { tables, kinds, waitingPictures, put, clear, showItem, hideItem } = useCopyTables(
    () => session.current?.shop.elevationMetres ?? 0,
  )
  const outbox = shallowRef<OutboxItem[]>([])
  const loaded = ref(false)
  const reachable = ref(true)
  let local: LocalDatabase | undefined
  let owner: string | undefined
  let stopLive: (() => void) | undefined
  /** how far of the server's changes stands in the maps here; another tab of the same person may have stored more */
  let seen = 0
  /** entries on their way into the browser's database */
  const storing = ref(0)
  const told =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('thermognosis-shop')

  const { synchronise, rest } = useSynchronise({
    session,
    paceMs,
    open: loaded,
    reachable,
    look: async () => {
      await navigator.locks.request('thermognosis-send', send)
      await receive()
    },
  })

  /** Opens the signed-in person's own database and shows what it holds, then catches up with the server. */
  async function open() {
    const person = session.current?.person
    if (!person || owner === person.id) return
    close()
    owner = person.id
    const mine = (local = new LocalDatabase(person.id))
    await readLocal()
    if (local !== mine) return
    loaded.value = true
    void synchronise()
    connectLive()
  }

  /** Reads copy, cursor and outbox as of one moment: what another tab, or the page before, is about to write comes with the next changes. */
  async function readLocal() {
    if (!local) return
    const from = local
    const [cursor, waiting, rows] = await from.transaction(
      'r',
      [...from.copies(), from.outbox],
      async () =>
        [
          Number((await from.meta.get('cursor'))?.value ?? 0),
          await from.outbox.orderBy('order').toArray(),
          await Promise.all(kinds.map((kind) => rowsOf(from, kind))),
        ] as const,
    )
    if (local !== from) return
    seen = cursor
    kinds.forEach(clear)
    for (const show of rows) show()
    outbox.value = []
    showOutbox(waiting)
  }

  /** Shows the outbox as it is stored. */
  const readOutbox = oneAtATime(async () => {
    const from = local
    const items = await from?.outbox
      .orderBy('order')
      .toArray()
      .catch((error: unknown) => {
        if (local === from) throw error
      })
    if (items && local === from) showOutbox(items)
  })

  function showOutbox(items: OutboxItem[]) {
    const shown = new Set(outbox.value.map((i) => `${i.order} ${i.state}`))
    outbox.value = items
    for (const item of items) if (!shown.has(`${item.order} ${item.state}`)) showItem(item)
    if (session.current)
      session.noteWaiting(session.current.person.id, session.current.person.name, items.length)
  }

  function close() {
    stopLive?.()
    rest()
    local?.close()
    local = undefined
    owner = undefined
    loaded.value = false
    seen = 0
    outbox.value = []
    kinds.forEach(clear)
  }

  /** Signs out: the copy of the shop leaves this device, what was not sent stays until its author is back. */
  async function leave() {
    await local?.forgetCopy()
    close()
    await session.signOut()
  }

  async function keep<E extends Entity>(entity: E, id: string, body: Bodies[E], caseId?: string) {
    if (!local || !session.current) throw new Error('nobody is signed in')
    const item = {
      id,
      entity,
      body: JSON.parse(JSON.stringify(body)) as Bodies[E],
      by: session.current.person.id,
      at: new Date().toISOString(),
      state: 'kept',
      ...(caseId ? { case: caseId } : {}),
    } as OutboxItem
    // Shown before it is stored, so that a second tap builds on the first; taken away again if it cannot be stored.
    showItem(item)
    storing.value += 1
    try {
      item.order = await local.outbox.add(item)
    } catch (error) {
      hideItem(item)
      throw error
    } finally {
      storing.value -= 1
    }
    await readOutbox()
    told?.postMessage('outbox')
    void synchronise()
  }

  const putFresh = <K extends Copy>(kind: K, fresh: FreshRows) => put(kind, fresh[kind])

  /** Reads the rows of a kind; what is given back shows them. */
  async function rowsOf<K extends Copy>(from: LocalDatabase, kind: K) {
    const rows = await from.table<CopyRows[K]>(kind).toArray()
    return () => put(kind, rows)
  }

  async function send() {
    const from = local
    if (!from || session.state === 'signed-out') return
    for (const item of await from.outbox.where('state').equals('kept').sortBy('order')) {
      if (item.by !== session.current?.person.id || local !== from) return
      try {
        await ask('PUT', `/api/${item.entity}/${item.id}`, item.body)
        await from.transaction('rw', [...from.copies(), from.outbox], async () => {
          await saveSent(from, item)
          await from.outbox.delete(item.order!)
        })
      } catch (error) {
        if (
          !(error instanceof Refusal) ||
          error.status === 401 ||
          error.status === 429 ||
          error.status >= 500
        )
          throw error
        await from.outbox.update(item.order!, { state: 'refused', reason: error.sentence })
      }
      if (local === from) await readOutbox()
      told?.postMessage('outbox')
    }
  }

  /** What was acknowledged joins the copy at once, so that no moment lies between "sent" and "seen again". */
  async function saveSent(from: LocalDatabase, item: OutboxItem) {
    if (item.entity !== 'photographs') await store(from, item.entity, item.id)
  }

  async function store<K extends Copy>(from: LocalDatabase, kind: K, id: string) {
    const shown = tables[kind].value.get(id)
    if (shown) await from.table<CopyRows[K]>(kind).put(shown as CopyRows[K])
  }

  async function receive() {
    const from = local
    if (!from || session.state === 'signed-out') return
    for (;;) {
      const sentAt = Date.now()
      const page = await ask<Changes>('GET', `/api/changes?after=${seen}`)
      session.measureClock(page.serverNow, sentAt)
      if (local !== from) return
      const fresh = rowsOfPage(page)
      const kept = await from.transaction('rw', from.copies(), async () => {
        const stored = Number((await from.meta.get('cursor'))?.value ?? 0)
        // Signed out in another tab: the copy is gone, and half of it must not stand for the whole.
        if (stored < seen) return false
        for (const kind of kinds) await from.table(kind).bulkPut(fresh[kind])
        await from.meta.put({ key: 'cursor', value: Math.max(stored, page.cursor) })
        return true
      })
      if (local !== from) return
      if (!kept) {
        seen = 0
        continue
      }
      seen = page.cursor
      kinds.forEach((kind) => putFresh(kind, fresh))
      if (!page.more) return
    }
  }

  function connectLive() {
    stopLive?.()
    if (session.state !== 'signed-out' && owner)
      stopLive = followLive(
        owner,
        told,
        () => session.state !== 'signed-out',
        () => void synchronise(),
      )
  }

  told?.addEventListener('message', (message) => message.data === 'outbox' && void readOutbox())
  if (typeof document !== 'undefined') {
    addEventListener('online', () => void synchronise())
    // A page that closes before the browser's database has answered would take the entry with it.
    addEventListener('beforeunload', (leaving) => storing.value > 0 && leaving.preventDefault())
    addEventListener(
      'visibilitychange',
      () => document.visibilityState === 'visible' && void synchronise(),
    )
  }

  onScopeDispose(() => {
    close()
    told?.close()
  })

  watch(
    () => session.state,
    (state, old) => {
      if (state !== 'signed-in' || old !== 'signed-out') return
      connectLive()
      void synchronise()
    },
  )

  /** Puts a refused entry back in line, with what was changed in it. */
  async function resend(item: OutboxItem, body: object) {
    await local!.outbox.update(item.order!, {
      state: 'kept',
      body: JSON.parse(JSON.stringify(body)) as OutboxItem['body'],
      reason: undefined,
    })
    await readOutbox()
    void synchronise()
  }

  /** Lets a refused entry go, once it was exported or is not wanted. */
  async function discard(item: OutboxItem) {
    await local!.outbox.delete(item.order!)
    await readLocal()
  }

  const kept = computed(() => outbox.value.filter((i) => i.state === 'kept'))
  const refused = computed(() => outbox.value.filter((i) => i.state === 'refused'))

  return {
    ...tables,
    waitingPictures,
    outbox,
    loaded,
    reachable,
    storing,
    kept,
    refused,
    open,
    leave,
    keep,
    synchronise,
    resend,
    discard,
  }
}
