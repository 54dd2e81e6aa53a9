import { uuidv7 } from 'uuidv7'
import {
  type CaseEvent,
  caseEvent,
  type CaseHeader,
  type CaseRecord,
  caseRecord,
  type EventKind,
  type Instrument,
  type RecordData,
  type RecordKind,
  sinceLastWork,
  standing,
  type SystemProfile,
  type Vehicle,
} from '#core'
import { useLocalStore } from '../local-store/store'
import { toPutAway } from '../shop/desk'
import { useReader } from '../shop/reader'

/** So long after the start there is time to tidy, ms. */
const TIDY_AFTER_MS = 15_000

/** What is recorded in the shop, and what the screens read of it; keeping and sending is the copy's work. */
export const useShop = defineStore('shop', () => {
  const session = useSession()
  const {
    people,
    vehicles,
    profiles,
    instruments,
    cases,
    records,
    events,
    photographs,
    keep,
    ...local
  } = useLocalStore(session)
  const reader = useReader(
    { people, vehicles, profiles, instruments, cases, records, events },
    {
      name: () => session.current?.shop.name,
      experience: () => session.experience,
      policy: () => session.policy,
    },
  )
  const { recordsOf: _, eventsOf: __, ...reading } = reader
  /** what was recorded last on this device since the page was opened */
  const undoable = shallowRef<{
    caseId: string
    entity: 'records' | 'events'
    item: CaseRecord | CaseEvent
  }>()

  const stamp = () => ({
    by: session.current!.person.id,
    observedAt: new Date().toISOString(),
    ...(session.clockOffsetMs === undefined ? {} : { clockOffsetMs: session.clockOffsetMs }),
  })

  /**
   * Keeps a record. One that replaces another of before the last repair is a new observation and replaces nothing;
   * a correction (`corrects`) always replaces, and speaks of the moment of what it corrects.
   */
  async function addRecord<K extends RecordKind>(
    caseId: string,
    kind: K,
    data: RecordData<K>,
    { supersedes, corrects }: { supersedes?: string; corrects?: boolean } = {},
  ) {
    return keepRecord(caseId, kind, data, { supersedes, corrects })
  }

  /** The same for a record whose kind is known only as it runs. */
  async function keepRecord(
    caseId: string,
    kind: RecordKind,
    data: unknown,
    { supersedes, corrects }: { supersedes?: string | undefined; corrects?: boolean | undefined },
  ) {
    const old =
      supersedes && kind !== 'withdrawn' ? records.value.get(supersedes)?.record : undefined
    const isNew =
      old && !corrects && sinceLastWork([old], standing(reader.eventsOf(caseId))).length === 0
    const record = caseRecord.parse({
      id: uuidv7(),
      ...stamp(),
      ...(old && corrects ? { observedAt: old.observedAt } : {}),
      ...(supersedes && !isNew ? { supersedes } : {}),
      kind,
      data: JSON.parse(JSON.stringify(data)),
    })
    const isKept = await keep('records', record.id, { case: caseId, record }, caseId)
    undoable.value =
      isKept && record.kind !== 'cautions.acknowledged' && !isOfItself(record.data)
        ? { caseId, entity: 'records', item: record }
        : undefined
    return record.id
  }

  /** A piece that an instrument wrote down by itself is nobody's last entry. */
  const isOfItself = (data: object) => 'live' in data && data.live === true

  async function addEvent<K extends EventKind>(
    caseId: string,
    kind: K,
    data: object,
    supersedes?: string,
  ) {
    const event = caseEvent.parse({
      id: uuidv7(),
      ...stamp(),
      ...(supersedes ? { supersedes } : {}),
      kind,
      data: JSON.parse(JSON.stringify(data)),
    })
    const isKept = await keep('events', event.id, { case: caseId, event }, caseId)
    undoable.value = isKept ? { caseId, entity: 'events', item: event } : undefined
  }

  /** Keeps a picture, ready made as JPEG, and the record that names it; both go through the outbox. */
  async function addPhotograph(
    caseId: string,
    picture: { sha256: string; base64: string; bytes: number },
    about: { part?: RecordData<'photo.taken'>['part']; check?: string; words?: string },
  ) {
    await keep(
      'photographs',
      picture.sha256,
      { by: session.current!.person.id, sha256: picture.sha256, base64: picture.base64 },
      caseId,
    )
    return addRecord(caseId, 'photo.taken', {
      sha256: picture.sha256,
      mediaType: 'image/jpeg',
      bytes: picture.bytes,
      ...about,
    })
  }
  /** Where a picture can be shown from: here while it waits, else the server. */
  const pictureUrl = (sha256: string) =>
    photographs.value.get(sha256)?.picture ?? `/api/photographs/${sha256}`

  /** Takes back what was kept last in a case on this device: an addition is withdrawn, a correction is set back, a withdrawal is taken back itself. */
  async function undo(caseId: string) {
    const last = undoable.value
    if (!last || last.caseId !== caseId) return
    undoable.value = undefined
    const { entity, item } = last
    const old =
      entity === 'records' && item.kind !== 'withdrawn' && item.supersedes
        ? records.value.get(item.supersedes)?.record
        : undefined
    if (old) await keepRecord(caseId, old.kind, old.data, { supersedes: item.id, corrects: true })
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
    await keep('profiles', id, {
      ...stamp(),
      id,
      vehicle,
      profile,
      ...(supersedes ? { supersedes } : {}),
    })
  }

  async function addInstrument(instrument: Omit<Instrument, 'id'>, supersedes?: string) {
    const id = uuidv7()
    await keep('instruments', id, {
      ...stamp(),
      instrument: { ...instrument, id },
      ...(supersedes ? { supersedes } : {}),
    })
    return id
  }

  async function addCase(header: Omit<CaseHeader, 'id' | 'openedAt' | 'openedBy'>) {
    const id = uuidv7()
    const when = stamp()
    await keep(
      'cases',
      id,
      { ...when, case: { ...header, id, openedAt: when.observedAt, openedBy: when.by } },
      id,
    )
    return id
  }

  /** Puts away what need not stand on this device any longer, once all that does was read. */
  function putAwayOld() {
    const { cases: old, others } = toPutAway(
      {
        cases: cases.value.values(),
        recordsOf: reader.recordsOf,
        eventsOf: reader.eventsOf,
        held: local.held.value,
        vehicles: vehicles.value.values(),
        profiles: profiles.value.values(),
      },
      Date.now(),
    )
    if (old.length > 0) void local.putAway(old, others)
  }
  watch(local.loaded, (isLoaded) => isLoaded && setTimeout(putAwayOld, TIDY_AFTER_MS))

  const isWaiting = (id: string) => local.outbox.value.some((i) => i.id === id)

  return {
    people,
    vehicles,
    profiles,
    instruments,
    cases,
    records,
    events,
    ...local,
    addRecord,
    addEvent,
    withdraw,
    withdrawEvent,
    addPhotograph,
    pictureUrl,
    undo,
    undoable,
    addVehicle,
    addProfile,
    addInstrument,
    addCase,
    ...reading,
    isWaiting,
  }
})
