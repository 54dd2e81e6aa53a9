import { uuidv7 } from 'uuidv7'
import type { CaseInput } from '../../core/casefile/assess'
import { composeCaseFile } from '../../core/casefile/compose'
import type { SystemProfile } from '../../core/casefile/profile'
import { EVENT_DATA, RECORD_DATA, sinceLastWork, standing, type CaseEvent, type CaseRecord, type EventKind, type RecordData, type RecordKind } from '../../core/casefile/records'
import type { CaseFile, CaseHeader, Instrument, Vehicle } from '../../core/casefile/schema'
import { ask, Refusal, Unreachable } from '../offline/api'
import { LocalDatabase, type Entity, type LocalCase, type LocalEvent, type LocalProfile, type LocalRecord, type OutboxItem } from '../offline/local-database'

interface Changes {
  cursor: number
  more: boolean
  serverNow: string
  people: { id: string; name: string | null }[]
  vehicles: Omit<Vehicle, 'profile'>[]
  profiles: LocalProfile[]
  instruments: (Instrument & { supersedes?: string })[]
  cases: LocalCase[]
  records: Omit<LocalRecord, 'id'>[]
  events: Omit<LocalEvent, 'id'>[]
}

type Copy = 'people' | 'vehicles' | 'profiles' | 'instruments' | 'cases' | 'records' | 'events'

/**
 * The shop as this device knows it, and the one outbox that everything recorded goes through. What is written
 * stands in the browser's database before anything else happens; sending follows in order and by its author only.
 */
export const useBench = defineStore('bench', () => {
  const session = useSession()
  const people = shallowRef(new Map<string, string | null>())
  const vehicles = shallowRef(new Map<string, Omit<Vehicle, 'profile'>>())
  const profiles = shallowRef(new Map<string, LocalProfile>())
  const instruments = shallowRef(new Map<string, Instrument & { supersedes?: string }>())
  const cases = shallowRef(new Map<string, LocalCase>())
  const records = shallowRef(new Map<string, LocalRecord>())
  const events = shallowRef(new Map<string, LocalEvent>())
  const waitingPictures = shallowRef(new Map<string, string>())
  const outbox = shallowRef<OutboxItem[]>([])
  const loaded = ref(false)
  /** what was recorded last on this device since the page was opened */
  const undoable = shallowRef<{ caseId: string; entity: 'records' | 'events'; item: CaseRecord | CaseEvent }>()
  const reachable = ref(true)
  let local: LocalDatabase | undefined
  let owner: string | undefined
  let live: EventSource | undefined
  let timer: ReturnType<typeof setTimeout> | undefined
  let busy = false
  let again = false
  /** how far of the server's changes stands in the maps here; another tab of the same person may have stored more */
  let seen = 0
  /** entries on their way into the browser's database */
  const storing = ref(0)
  const told = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('thermognosis-bench')

  const maps = { people, vehicles, profiles, instruments, cases, records, events }

  function put(kind: Copy, items: readonly { id: string }[]) {
    if (items.length === 0) return
    const next = new Map(maps[kind].value as Map<string, unknown>)
    for (const item of items) next.set(item.id, kind === 'people' ? (item as { name?: string | null }).name : item)
    maps[kind].value = next as never
  }

  /** Opens the signed-in person's own database and shows what it holds, then catches up with the server. */
  async function open() {
    const person = session.current?.person
    if (!person || owner === person.id) return
    close()
    owner = person.id
    local = new LocalDatabase(person.id)
    await readLocal()
    loaded.value = true
    void synchronise()
    connectLive()
  }

  /** Reads copy, cursor and outbox as of one moment: what another tab, or the page before, is about to write comes with the next changes. */
  async function readLocal() {
    if (!local) return
    const from = local
    const kinds = Object.keys(maps) as Copy[]
    const [cursor, waiting, tables] = await from.transaction('r', [...from.copies(), from.outbox], async () => [
      Number((await from.meta.get('cursor'))?.value ?? 0),
      await from.outbox.orderBy('order').toArray(),
      await Promise.all(kinds.map((kind) => from.table<{ id: string }>(kind).toArray())),
    ] as const)
    if (local !== from) return
    seen = cursor
    for (const [i, kind] of kinds.entries()) {
      maps[kind].value = new Map() as never
      put(kind, tables[i]!)
    }
    showOutbox(waiting)
  }

  async function readOutbox() {
    if (local) showOutbox(await local.outbox.orderBy('order').toArray())
  }

  function showOutbox(items: OutboxItem[]) {
    outbox.value = items
    for (const item of items) showItem(item)
    if (session.current) session.noteWaiting(session.current.person.id, session.current.person.name, items.length)
  }

  function close() {
    live?.close()
    clearTimeout(timer)
    local?.close()
    local = undefined
    owner = undefined
    loaded.value = false
    outbox.value = []
    for (const kind of Object.keys(maps) as Copy[]) maps[kind].value = new Map() as never
  }

  /** Signs out: the copy of the shop leaves this device, what was not sent stays until its author is back. */
  async function leave() {
    await local?.forgetCopy()
    close()
    await session.signOut()
  }

  /** Shows what waits in the outbox as if it were here already. */
  function showItem(item: OutboxItem) {
    if (item.state === 'refused') return
    const body = item.body as Record<string, { id: string }>
    if (item.entity === 'vehicles') put('vehicles', [body.vehicle!])
    else if (item.entity === 'instruments') put('instruments', [body.instrument!])
    else if (item.entity === 'cases') put('cases', [{ ...(body.case as unknown as CaseHeader), elevationMetres: session.current?.shop.elevationMetres ?? 0 } as { id: string }])
    else if (item.entity === 'photographs') waitingPictures.value = new Map(waitingPictures.value).set(item.id, `data:image/jpeg;base64,${(item.body as { base64: string }).base64}`)
    else if (item.entity === 'profiles') put('profiles', [body as never])
    else if (item.entity === 'records') put('records', [{ id: item.id, ...body } as never])
    else put('events', [{ id: item.id, ...body } as never])
  }

  function hideItem(item: OutboxItem) {
    if (item.entity === 'photographs') return
    const next = new Map(maps[item.entity].value as Map<string, unknown>)
    next.delete(item.id)
    maps[item.entity].value = next as never
  }

  async function keep(entity: Entity, id: string, body: Record<string, unknown>, caseId?: string) {
    if (!local || !session.current) throw new Error('nobody is signed in')
    const item: OutboxItem = { id, entity, body: JSON.parse(JSON.stringify(body)) as Record<string, unknown>, by: session.current.person.id, at: new Date().toISOString(), state: 'kept', ...(caseId ? { case: caseId } : {}) }
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
    outbox.value = [...outbox.value, item]
    session.noteWaiting(session.current.person.id, session.current.person.name, outbox.value.length)
    told?.postMessage('kept')
    void synchronise()
  }

  const stamp = () => ({
    by: session.current!.person.id,
    observedAt: new Date().toISOString(),
    ...(session.clockOffsetMs === undefined ? {} : { clockOffsetMs: session.clockOffsetMs }),
  })

  /**
   * Keeps a record. One that replaces another of before the last repair is a new observation and replaces nothing;
   * a correction (`corrects`) always replaces, and speaks of the moment of what it corrects.
   */
  async function addRecord<K extends RecordKind>(caseId: string, kind: K, data: RecordData<K>, { supersedes, corrects }: { supersedes?: string; corrects?: boolean } = {}) {
    const clean = JSON.parse(JSON.stringify(data)) as RecordData<K>
    RECORD_DATA[kind].parse(clean)
    const old = supersedes && kind !== 'withdrawn' ? records.value.get(supersedes)?.record : undefined
    const isNew = old && !corrects && sinceLastWork([old], standing(eventsOf(caseId))).length === 0
    const record = { id: uuidv7(), ...stamp(), ...(old && corrects ? { observedAt: old.observedAt } : {}), ...(supersedes && !isNew ? { supersedes } : {}), kind, data: clean } as unknown as CaseRecord
    await keep('records', record.id, { case: caseId, record }, caseId)
    undoable.value = record.kind === 'cautions.acknowledged' ? undefined : { caseId, entity: 'records', item: record }
    return record.id
  }

  async function addEvent<K extends EventKind>(caseId: string, kind: K, data: object, supersedes?: string) {
    const checked = EVENT_DATA[kind].parse(JSON.parse(JSON.stringify(data)))
    const event = { id: uuidv7(), ...stamp(), ...(supersedes ? { supersedes } : {}), kind, data: checked } as unknown as CaseEvent
    await keep('events', event.id, { case: caseId, event }, caseId)
    undoable.value = { caseId, entity: 'events', item: event }
  }

  /** Keeps a picture, ready made as JPEG, and the record that names it; both go through the outbox. */
  async function addPhotograph(caseId: string, picture: { sha256: string; base64: string; bytes: number }, about: { part?: RecordData<'photo.taken'>['part']; check?: string; words?: string }) {
    await keep('photographs', picture.sha256, { by: session.current!.person.id, sha256: picture.sha256, base64: picture.base64 }, caseId)
    return addRecord(caseId, 'photo.taken', { sha256: picture.sha256, mediaType: 'image/jpeg', bytes: picture.bytes, ...about })
  }
  /** Where a picture can be shown from: here while it waits, else the server. */
  const pictureUrl = (sha256: string) => waitingPictures.value.get(sha256) ?? `/api/photographs/${sha256}`

  /** Takes back what was kept last in a case on this device: an addition is withdrawn, a correction is set back, a withdrawal is taken back itself. */
  async function undo(caseId: string) {
    const last = undoable.value
    if (!last || last.caseId !== caseId) return
    undoable.value = undefined
    const { entity, item } = last
    const old = entity === 'records' && item.kind !== 'withdrawn' && item.supersedes ? records.value.get(item.supersedes)?.record : undefined
    if (old) await addRecord(caseId, old.kind, old.data as never, { supersedes: item.id, corrects: true })
    else if (entity === 'records') await withdraw(caseId, item.id, 'undone')
    else await withdrawEvent(caseId, item.id, 'undone')
    undoable.value = undefined
  }

  /** Takes back a record; it stays in the history. Taking back a withdrawal brings the record back. */
  const withdraw = (caseId: string, recordId: string, reason?: string) =>
    addRecord(caseId, 'withdrawn', reason ? { reason } : {}, { supersedes: recordId })

  /** Takes back an event that did not happen; it stays in the history. */
  const withdrawEvent = (caseId: string, eventId: string, reason?: string) =>
    addEvent(caseId, 'withdrawn', reason ? { reason } : {}, eventId)

  async function addVehicle(vehicle: Omit<Vehicle, 'id' | 'profile'>, profile: SystemProfile) {
    const id = uuidv7()
    await keep('vehicles', id, { ...stamp(), vehicle: { ...vehicle, id } })
    await addProfile(id, profile)
    return id
  }

  async function addProfile(vehicle: string, profile: SystemProfile, supersedes?: string) {
    const id = uuidv7()
    await keep('profiles', id, { ...stamp(), id, vehicle, profile, ...(supersedes ? { supersedes } : {}) })
  }

  async function addInstrument(instrument: Omit<Instrument, 'id'>, supersedes?: string) {
    const id = uuidv7()
    await keep('instruments', id, { ...stamp(), instrument: { ...instrument, id }, ...(supersedes ? { supersedes } : {}) })
    return id
  }

  async function addCase(header: Omit<CaseHeader, 'id' | 'openedAt' | 'openedBy'>) {
    const id = uuidv7()
    const when = stamp()
    await keep('cases', id, { ...when, case: { ...header, id, openedAt: when.observedAt, openedBy: when.by } }, id)
    return id
  }

  /** Sends what waits and takes what is new; called on every change and, as a safety net, every few seconds. */
  async function synchronise() {
    if (busy) {
      again = true
      return
    }
    busy = true
    clearTimeout(timer)
    try {
      do {
        again = false
        await navigator.locks.request('thermognosis-send', send)
        await receive()
      } while (again)
      reachable.value = true
      if (session.state === 'offline') session.state = 'signed-in'
    } catch (error) {
      if (error instanceof Unreachable || (error instanceof Refusal && error.status >= 500)) {
        reachable.value = false
        if (session.state === 'signed-in') session.state = 'offline'
      } else if (error instanceof Refusal && error.status === 401) session.state = 'signed-out'
      else if (!(error instanceof Refusal)) console.error(error)
    } finally {
      busy = false
      clearTimeout(timer)
      timer = setTimeout(() => void synchronise(), reachable.value ? 15_000 : 2_500)
    }
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
        if (!(error instanceof Refusal) || error.status === 401 || error.status === 429 || error.status >= 500) throw error
        await from.outbox.update(item.order!, { state: 'refused', reason: error.sentence })
      }
      if (local === from) await noteOutbox()
    }
  }

  async function noteOutbox() {
    outbox.value = await local!.outbox.orderBy('order').toArray()
    if (session.current) session.noteWaiting(session.current.person.id, session.current.person.name, outbox.value.length)
  }

  /** What was acknowledged joins the copy at once, so that no moment lies between "sent" and "seen again". */
  async function saveSent(from: LocalDatabase, item: OutboxItem) {
    if (item.entity === 'photographs') return
    const shown = maps[item.entity].value.get(item.id)
    if (shown) await from[item.entity].put(shown as never)
  }

  async function receive() {
    const from = local
    if (!from || session.state === 'signed-out') return
    for (;;) {
      const sentAt = Date.now()
      const page = await ask<Changes>('GET', `/api/changes?after=${seen}`)
      session.measureClock(page.serverNow, sentAt)
      if (local !== from) return
      const fresh: Record<Copy, { id: string }[]> = {
        people: page.people, vehicles: page.vehicles, profiles: page.profiles, instruments: page.instruments, cases: page.cases,
        records: page.records.map((r) => ({ id: r.record.id, ...r })),
        events: page.events.map((e) => ({ id: e.event.id, ...e })),
      }
      const kept = await from.transaction('rw', from.copies(), async () => {
        const stored = Number((await from.meta.get('cursor'))?.value ?? 0)
        // Signed out in another tab: the copy is gone, and half of it must not stand for the whole.
        if (stored < seen) return false
        for (const kind of Object.keys(fresh) as Copy[]) await from.table(kind).bulkPut(fresh[kind])
        await from.meta.put({ key: 'cursor', value: Math.max(stored, page.cursor) })
        return true
      })
      if (local !== from) return
      if (!kept) {
        seen = 0
        continue
      }
      seen = page.cursor
      for (const kind of Object.keys(fresh) as Copy[]) put(kind, fresh[kind])
      if (!page.more) return
    }
  }

  function connectLive() {
    live?.close()
    if (session.state === 'signed-out' || !owner) return
    const source = new EventSource('/api/live')
    live = source
    source.addEventListener('message', (message) => {
      if (message.data !== 'beat') void synchronise()
    })
    source.addEventListener('error', () => {
      if (source.readyState === EventSource.CLOSED && live === source) setTimeout(() => live === source && connectLive(), 8_000)
    })
  }

  told?.addEventListener('message', () => void readOutbox())
  if (import.meta.client) {
    addEventListener('online', () => void synchronise())
    // A page that closes before the browser's database has answered would take the entry with it.
    addEventListener('beforeunload', (leaving) => storing.value > 0 && leaving.preventDefault())
    addEventListener('visibilitychange', () => document.visibilityState === 'visible' && void synchronise())
  }

  watch(() => session.state, (state, old) => {
    if (state !== 'signed-in' || old !== 'signed-out') return
    connectLive()
    void synchronise()
  })

  /** Puts a refused entry back in line, with what was changed in it. */
  async function resend(item: OutboxItem, body: Record<string, unknown>) {
    await local!.outbox.update(item.order!, { state: 'kept', body: JSON.parse(JSON.stringify(body)) as Record<string, unknown>, reason: undefined })
    await readOutbox()
    void synchronise()
  }

  /** Lets a refused entry go, once it was exported or is not wanted. */
  async function discard(item: OutboxItem) {
    await local!.outbox.delete(item.order!)
    await readLocal()
  }

  /** The shop's instruments of these kinds as they are known now, by name. */
  function instrumentsOf(kinds: readonly Instrument['kind'][]): Instrument[] {
    const replaced = new Set([...instruments.value.values()].map((i) => i.supersedes))
    return [...instruments.value.values()].filter((i) => kinds.includes(i.kind) && !replaced.has(i.id)).sort((a, b) => a.name.localeCompare(b.name))
  }

  const profileOf = (vehicleId: string): LocalProfile | undefined =>
    [...profiles.value.values()].filter((p) => p.vehicle === vehicleId).sort((a, b) => (a.seq ?? Infinity) - (b.seq ?? Infinity) || (a.id < b.id ? -1 : 1)).at(-1)

  /** Systems known in the shop, one for each name of a vehicle and the newest of it, those of the same name first: what another of its kind can start from. */
  function templatesFor(name: string, except?: string): { name: string; profile: SystemProfile }[] {
    const newest = new Map<string, LocalProfile>()
    for (const vehicle of vehicles.value.values()) {
      const mine = profileOf(vehicle.id)
      if (vehicle.id === except || !mine || Object.keys(mine.profile).length <= 2) continue
      const known = newest.get(vehicle.name)
      if (!known || (known.seq ?? Infinity) < (mine.seq ?? Infinity)) newest.set(vehicle.name, mine)
    }
    return [...newest].map(([of, { profile }]) => ({ name: of, profile })).sort((a, b) => Number(b.name === name) - Number(a.name === name) || a.name.localeCompare(b.name)).slice(0, 4)
  }

  function caseInput(caseId: string): CaseInput | undefined {
    const header = cases.value.get(caseId)
    const vehicle = header && vehicles.value.get(header.vehicle)
    if (!header || !vehicle) return undefined
    const { elevationMetres, attachments: _, ...rest } = header
    return {
      case: rest,
      vehicle: { ...vehicle, profile: profileOf(vehicle.id)?.profile ?? {} },
      site: { elevationMetres },
      records: [...records.value.values()].filter((r) => r.case === caseId).map((r) => r.record),
      events: eventsOf(caseId),
    }
  }
  function eventsOf(caseId: string): CaseEvent[] {
    return [...events.value.values()].filter((e) => e.case === caseId).map((e) => e.event)
  }

  function caseFileOf(caseId: string): CaseFile | undefined {
    const input = caseInput(caseId)
    if (!input) return undefined
    return composeCaseFile(
      {
        case: input.case,
        vehicle: input.vehicle,
        site: input.site,
        records: [...input.records],
        events: [...input.events],
        people: [...people.value].map(([id, name]) => (name ? { id, name } : { id })),
        instruments: [...instruments.value.values()].map(({ supersedes: _, ...i }) => i),
        attachments: cases.value.get(caseId)?.attachments ?? [],
      },
      new Date().toISOString(),
    )
  }

  const kept = computed(() => outbox.value.filter((i) => i.state === 'kept'))
  const refused = computed(() => outbox.value.filter((i) => i.state === 'refused'))
  const isWaiting = (id: string) => outbox.value.some((i) => i.id === id)

  return {
    people, vehicles, profiles, instruments, cases, records, events, outbox, loaded, reachable, storing, kept, refused,
    open, leave, synchronise, addRecord, addEvent, withdraw, withdrawEvent, addPhotograph, pictureUrl, undo, undoable, addVehicle, addProfile, addInstrument, addCase, resend, discard,
    instrumentsOf, profileOf, templatesFor, caseInput, caseFileOf, isWaiting,
  }
})
