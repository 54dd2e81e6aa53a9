import { and, eq } from 'drizzle-orm'
import {
  type CaseEvent,
  type CaseHeader,
  type CaseRecord,
  type EntryBody,
  type EventKind,
  type Imported,
  type Instrument,
  instrumentsUsed,
  type Misfit,
  misfitOf,
  quantitiesOf,
  runOf,
} from '#core'
import { refuse } from '../utils/api-error'
import { appendEntries, appendEntry, contentHash, inLots } from './append'
import { indexCase, mayEnd, noteEnd, touchCase } from './case-index'
import { type EntryTable, insertQuantities, once, rowOf, rowsOf, type Transaction } from './edge'
import { cases, events, instruments, records, vehicleProfiles, vehicles } from './schema'

export interface Written {
  by: string
  observedAt: string
  clockOffsetMs?: number | undefined
  imported?: Imported | undefined
}

const stamp = (w: Written, content: unknown) => ({
  authorId: w.by,
  observedAt: w.observedAt,
  clockOffsetMs: w.clockOffsetMs ?? null,
  contentHash: contentHash({ by: w.by, observedAt: w.observedAt, content }),
  ...(w.imported ? { importedBy: w.imported.by, importedFrom: w.imported.shop ?? null } : {}),
})

export function appendVehicle(
  tx: Transaction,
  shopId: string,
  w: Written,
  v: EntryBody<'vehicles'>['vehicle'],
) {
  return appendEntry(tx, vehicles, 'vehicle', { shopId, ...v, ...stamp(w, v) })
}

export async function appendProfile(
  tx: Transaction,
  shopId: string,
  entry: EntryBody<'profiles'> & Pick<Written, 'imported'>,
) {
  await mustExist(tx, vehicles, shopId, entry.vehicle, 'vehicle')
  if (entry.supersedes) await mustExist(tx, vehicleProfiles, shopId, entry.supersedes, 'profile')
  const { id, vehicle: vehicleId, profile, supersedes } = entry
  return appendEntry(tx, vehicleProfiles, 'profile', {
    shopId,
    id,
    vehicleId,
    profile,
    supersedes: supersedes ?? null,
    ...stamp(entry, { vehicleId, profile, supersedes }),
  })
}

export async function appendInstrument(
  tx: Transaction,
  shopId: string,
  w: Written,
  i: Instrument,
  supersedes?: string,
) {
  if (supersedes) await mustExist(tx, instruments, shopId, supersedes, 'instrument')
  return appendEntry(tx, instruments, 'instrument', {
    shopId,
    id: i.id,
    kind: i.kind,
    name: i.name,
    body: i,
    supersedes: supersedes ?? null,
    ...stamp(w, { i, supersedes }),
  })
}

export async function appendCase(
  tx: Transaction,
  shopId: string,
  w: Written,
  header: CaseHeader,
  elevationMetres: number,
) {
  await mustExist(tx, vehicles, shopId, header.vehicle, 'vehicle')
  const { id, complaint, title, openedAt, bay } = header
  const isNew = await appendEntry(tx, cases, 'case', {
    shopId,
    id,
    vehicleId: header.vehicle,
    complaint,
    title,
    bay: bay ?? null,
    openedAt,
    elevationMetres,
    ...stamp({ ...w, by: header.openedBy }, header),
  })
  if (isNew) await indexCase(tx, shopId, header)
  return isNew
}

export async function appendRecord(
  tx: Transaction,
  shopId: string,
  caseId: string,
  record: CaseRecord,
) {
  await mustExist(tx, cases, shopId, caseId, 'case')
  await mustFit(tx, records, shopId, caseId, record)
  const isNew = await appendEntry(tx, records, 'record', entryRow(shopId, caseId, record))
  const measured = quantityRows(shopId, record)
  if (isNew) await insertQuantities(tx, measured)
  if (isNew) await touchCase(tx, shopId, caseId, record.by)
  return isNew
}

const quantityRows = (shopId: string, { id, data }: CaseRecord) =>
  quantitiesOf(data).map(({ path, quantity: q }) => ({
    shopId,
    recordId: id,
    path,
    typed: q.typed,
    value: q.value,
    unit: q.unit,
    coreValue: q.coreValue,
    instrumentId: q.instrument ?? null,
    instrumentOffsetInCoreUnit: q.instrumentOffsetInCoreUnit ?? null,
  }))

/**
 * Appends the records of a file that was checked, in an order in which none comes before what it replaces or belongs
 * to; the case and the instruments are there. Gives how many were new.
 */
export async function appendRecords(
  tx: Transaction,
  shopId: string,
  caseId: string,
  all: readonly CaseRecord[],
  conflict: (id: string) => never,
): Promise<number> {
  const rowFor = (record: CaseRecord) => entryRow(shopId, caseId, record)
  const written = await appendEntries(tx, records, 'record', all, rowFor, conflict)
  const measured = all.filter(({ id }) => written.has(id))
  await inLots(
    measured.flatMap((record) => quantityRows(shopId, record)),
    (lot) => insertQuantities(tx, lot),
  )
  return written.size
}

/** The same for events. */
export async function appendEvents(
  tx: Transaction,
  shopId: string,
  caseId: string,
  all: readonly CaseEvent[],
  conflict: (id: string) => never,
): Promise<number> {
  const rowFor = (event: CaseEvent) => entryRow(shopId, caseId, event)
  return (await appendEntries(tx, events, 'event', all, rowFor, conflict)).size
}

export async function appendEvent(
  tx: Transaction,
  shopId: string,
  caseId: string,
  event: CaseEvent,
) {
  await mustExist(tx, cases, shopId, caseId, 'case')
  await mustFit(tx, events, shopId, caseId, event)
  const isNew = await appendEntry(tx, events, 'event', entryRow(shopId, caseId, event))
  if (isNew) await touchCase(tx, shopId, caseId, event.by)
  if (isNew && mayEnd(event)) await noteEnd(tx, shopId, caseId)
  return isNew
}

/** Kind of an event; of a withdrawal, the kind of what it took back. Nothing where the event is not known. */
export async function eventKindOf(
  tx: Transaction,
  shopId: string,
  id: string | undefined,
): Promise<EventKind | undefined> {
  if (!id) return undefined
  const [row] = await tx
    .select()
    .from(events)
    .where(and(eq(events.shopId, shopId), eq(events.id, id)))
  return row?.kind === 'withdrawn' && row.supersedes !== id
    ? eventKindOf(tx, shopId, row.supersedes ?? undefined)
    : (row?.kind as EventKind | undefined)
}

/** Who recorded a record; nothing where it is not known. */
export const authorOfRecord = async (
  tx: Transaction,
  shopId: string,
  id: string | undefined,
): Promise<string | undefined> =>
  id === undefined ? undefined : (await rowOf(tx, records, shopId, id))?.authorId

function entryRow(shopId: string, caseId: string, item: CaseRecord | CaseEvent) {
  const { kind, data, note, supersedes } = item
  return {
    shopId,
    id: item.id,
    caseId,
    kind,
    data,
    note: note ?? null,
    supersedes: supersedes ?? null,
    ...stamp(item, { caseId, kind, data, note, supersedes }),
  }
}

/** The refusal of each misfit, and the word for what is not known. */
const REFUSAL: Record<Misfit, [name: string, parameters?: { what: string }]> = {
  withdrawsNothing: ['withdrawsNothing'],
  replacesItself: ['replacesItself'],
  replacesUnknown: ['belongsToUnknown', { what: 'replaced' }],
  replacesAnotherKind: ['replacesAnotherKind'],
  noSuchRun: ['noSuchRun'],
  unknownInstrument: ['belongsToUnknown', { what: 'instrument' }],
}

/** Refuses an entry that does not fit to its case, by the rules of core. */
async function mustFit(
  tx: Transaction,
  table: typeof records | typeof events,
  shopId: string,
  caseId: string,
  item: CaseRecord | CaseEvent,
) {
  const spokenOf = [item.supersedes, runOf(item)].filter((id) => id !== undefined)
  const used = instrumentsUsed(item).map(({ id }) => id)
  const others = await rowsOf(tx, table, shopId, spokenOf)
  const tools = await rowsOf(tx, instruments, shopId, used)
  const kinds = new Map(
    others.filter((row) => row.caseId === caseId).map(({ id, kind }) => [id, kind]),
  )
  const hasInstrument = (id: string) => tools.some((tool) => tool.id === id)
  const wrong = misfitOf(item, { kindOf: (id) => kinds.get(id), hasInstrument })
  if (!wrong) return
  const [name, parameters] = REFUSAL[wrong.misfit]
  throw refuse.bad(name, `${table === records ? 'record' : 'event'}.${wrong.field}`, parameters)
}

async function mustExist<T extends EntryTable>(
  tx: Transaction,
  table: T,
  shopId: string,
  id: string,
  what: string,
): Promise<T['$inferSelect']> {
  const row = await once(tx, `${what}/${shopId}/${id}`, () => rowOf(tx, table, shopId, id))
  if (!row) throw refuse.bad('belongsToUnknown', undefined, { what })
  return row
}
