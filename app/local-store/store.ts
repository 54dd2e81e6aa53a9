import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { Entity, EntryBody, Message } from '#core'
import { useCopy } from './copy'
import type { LocalDatabase } from './database'
import { isInLine, type Entry, type OutboxItem, waitingRow } from './entries'
import { follow } from './follow'
import { useHeld } from './held'
import { followLive } from './live'
import { PACE_MS, useLoop } from './loop'
import { useKeeping } from './keeping'
import { openDatabase } from './opening'
import { receive } from './receive'
import { useRoom } from './room'
import { send } from './send'
import { sendAgain } from './send-again'
import type { StoreSession } from './session'
import { problemOf } from './unkept'

/** Another tab that sends for longer than this is left to it, and this one looks again later; ms. */
const TURN_LIMIT_MS = 20_000

/**
 * The shop as this device knows it, and everything recorded here until the server has it. README.md tells how the parts
 * work together.
 */
export function useLocalStore(session: StoreSession, paceMs = PACE_MS) {
  const elevationMetres = () => session.current?.shop.elevationMetres ?? 0
  const copy = useCopy(elevationMetres)
  const { littleLeftBytes, measure, askToStay } = useRoom()
  const loaded = ref(false)
  const reachable = ref(true)
  /** what is recorded stands in this page's memory only */
  const isVolatile = ref(false)
  /** what the browser's database last said when it did not do as asked */
  const trouble = shallowRef<Message>()
  let local: LocalDatabase | undefined
  let following: ReturnType<typeof follow> | undefined
  let owner: string | undefined
  const stops: (() => void)[] = []
  const { followHeld, ...holding } = useHeld(() => local)

  const { unkept, storing, keepItem, ...keeping } = useKeeping(() => local, {
    show: (entries) => copy.show(entries),
    isThere: () => void sending.go(),
    isNotThere: () => void measure(),
  })

  const loop = (round: () => Promise<boolean>) =>
    useLoop({ session, paceMs, isOpen: loaded, reachable, round })
  const sending = loop(sendRound)
  const receiving = loop(receiveRound)

  async function synchronise(): Promise<void> {
    await Promise.all([sending.go(), receiving.go()])
  }

  /** Opens the signed-in person's own database and shows what it holds, then catches up with the server. */
  async function open() {
    const person = session.current?.person
    if (!person || owner === person.id) return
    close()
    owner = person.id
    const opened = await openDatabase(person.id, session.keepsNothing)
    if (owner !== person.id) return opened.local.close()
    local = opened.local
    isVolatile.value = opened.isVolatile
    following = follow(local, { show, clear, failed })
    stops.push(following.stop, followHeld(local))
    await following.first
    if (local !== opened.local) return
    loaded.value = true
    void synchronise()
    connectLive()
    void askToStay()
    void measure()
  }

  function show(entries: readonly Entry[]) {
    trouble.value = undefined
    copy.show(entries)
  }

  function clear() {
    copy.clear()
    showBeforeKept(unkept.value)
  }

  function failed(error: unknown) {
    console.error(error)
    trouble.value = problemOf(error)
  }

  function close() {
    for (const stop of stops.splice(0)) stop()
    sending.rest()
    receiving.rest()
    local?.close()
    local = undefined
    owner = undefined
    loaded.value = false
    copy.clear()
  }

  /** Signs out: the copy of the shop leaves this device, what was not sent stays until its author is back. */
  async function leave() {
    await local?.forgetCopy()
    close()
    session.signOut()
  }

  /**
   * Keeps what was recorded and has it sent. Shown at once, so that a second tap builds on the first; tells whether it
   * is kept. What could not be kept stays in this page's memory, among `unkept`.
   */
  async function keep<E extends Entity>(kind: E, id: string, body: EntryBody<E>, caseId?: string) {
    if (!local || !session.current) throw new Error('nobody is signed in')
    const item = {
      id,
      kind,
      change: 0,
      body: JSON.parse(JSON.stringify(body)) as EntryBody<E>,
      by: session.current.person.id,
      at: new Date().toISOString(),
      ...(caseId ? { case: caseId } : {}),
    } as OutboxItem
    showBeforeKept([item])
    return keepItem(item)
  }

  const showBeforeKept = (items: readonly OutboxItem[]) =>
    copy.show(
      items.map(
        (item) =>
          ({
            id: item.id,
            kind: item.kind,
            change: 0,
            row: waitingRow(item, elevationMetres()),
          }) as Entry,
      ),
    )

  async function sendRound(): Promise<boolean> {
    const from = local
    const author = session.current?.person.id
    if (!from || !author || session.state === 'signed-out') return false
    const isWanted = () => local === from && session.current?.person.id === author
    const turn = { signal: AbortSignal.timeout(TURN_LIMIT_MS) }
    const work = () => send(from, author, elevationMetres(), isWanted)
    return navigator.locks.request('thermognosis-send', turn, work).catch((error: unknown) => {
      if ((error as Error).name === 'TimeoutError') return false
      throw error
    })
  }

  async function receiveRound(): Promise<boolean> {
    const from = local
    if (!from || session.state === 'signed-out') return false
    await receive(from, {
      isWanted: () => local === from,
      heard: session.measureClock,
      async wasForgotten() {
        await sendAgain(from)
        void sending.go()
      },
    })
    return true
  }

  function connectLive() {
    if (session.state !== 'signed-out' && owner)
      stops.push(
        followLive(
          owner,
          () => session.state !== 'signed-out',
          () => void receiving.go(),
        ),
      )
  }

  if (typeof document !== 'undefined') {
    addEventListener('online', () => void synchronise())
    // A page that closes before the browser's database has answered would take the entry with it.
    addEventListener(
      'beforeunload',
      (leaving) => (storing.value > 0 || unkept.value.length > 0) && leaving.preventDefault(),
    )
    addEventListener(
      'visibilitychange',
      () => document.visibilityState === 'visible' && void synchronise(),
    )
  }

  onScopeDispose(close)

  watch(
    () => session.state,
    (state, old) => {
      if (state !== 'signed-in' || old !== 'signed-out') return
      connectLive()
      void synchronise()
    },
  )

  /** Puts entries that are set aside back in line, one perhaps with what was changed in it. */
  async function resend(items: readonly OutboxItem[], body?: object) {
    await local!.change(async (next) => {
      for (const { problem: _, reason: __, ...item } of items) {
        const change = next()
        await local!.entries.put({
          ...item,
          ...(body ? { body: JSON.parse(JSON.stringify(body)) as object } : {}),
          change,
          order: change,
        } as OutboxItem)
      }
    })
    void sending.go()
  }

  /** Lets an entry go, once it was exported or is not wanted. */
  async function discard({ id, kind }: OutboxItem) {
    await local!.change((next) => local!.entries.put({ id, kind, change: next(), gone: 1 }))
  }

  const outbox = computed(copy.outbox)
  const kept = computed(() => outbox.value.filter(isInLine))
  const refused = computed(() => outbox.value.filter((item) => !isInLine(item)))
  watch(outbox, (items) => {
    if (session.current && loaded.value)
      session.noteWaiting(session.current.person.id, session.current.person.name, items.length)
  })

  return {
    ...copy.tables,
    ...holding,
    ...keeping,
    outbox,
    loaded,
    reachable,
    storing,
    kept,
    refused,
    unkept,
    isVolatile,
    trouble,
    littleLeftBytes,
    open,
    leave,
    keep,
    synchronise,
    resend,
    discard,
  }
}
