import { and, eq, desc } from 'drizzle-orm'
import { uuidv7 } from 'uuidv7'
import {
  asSent,
  type CaseEvent,
  type CaseFile,
  type CaseRecord,
  compareMoments,
  type Imported,
  runOf,
  type SystemProfile,
  type TakenIn,
  type TakingIn,
} from '#core'
import { writeAudit } from '../auth/audit'
import { ApiError, refuse } from '../utils/api-error'
import {
  appendCase,
  appendEvents,
  appendInstrument,
  appendProfile,
  appendRecords,
  appendVehicle,
  type Written,
} from './entries'
import { indexImported } from './case-index'
import { canonical, noteChange } from './append'
import { instrumentOf, momentOf, profileOf, rowOf, rowsOf, type Transaction } from './edge'
import { inTransaction } from './client'
import { attachments, instruments, people, vehicleProfiles, vehicles } from './schema'

interface Watching {
  /** all is done as ever, and then undone */
  isTrial?: boolean
  /** hears how many of how many entries are done */
  tell?: (progress: TakingIn) => void
  /** ends it before anything is kept */
  signal?: AbortSignal
}

/** Entries written between two looks at whether to go on. */
const ENTRIES_AT_ONCE = 1_000

/**
 * Takes a checked case file into a shop, in one transaction: all of it or none. People and instruments of the file
 * come along under their ids; what is already here with the same content is left as it is, other content under
 * the same id is a conflict that names it. Every entry that is new tells that it was imported, by whom and from where.
 */
export async function importCase(
  { shopId, personId: actorId }: { shopId: string; personId: string },
  file: CaseFile,
  { isTrial = false, tell, signal }: Watching = {},
): Promise<Omit<TakenIn, 'photographs'>> {
  const imported: Imported = { by: actorId, ...(file.shop ? { shop: file.shop.name } : {}) }
  const opened = { by: file.case.openedBy, observedAt: file.case.openedAt, imported }
  return inTransaction(
    async (tx) => {
      const newPeople = await importPeople(tx, shopId, file)
      const ofVehicle = await importVehicle(tx, shopId, file, opened)
      const newInstruments = await importInstruments(tx, shopId, file, opened)
      const isNewCase = await orNamed('case', '', () =>
        appendCase(tx, shopId, opened, file.case, file.site.elevationMetres),
      )
      const of = file.records.length + file.events.length
      let done = 0
      const inOrder = async <T extends CaseRecord | CaseEvent>(
        items: readonly T[],
        append: (lot: T[]) => Promise<number>,
      ) => {
        let fresh = 0
        const ordered = oldestFirst(items).map((item) => ({ ...asSent(item), imported }))
        for (let from = 0; from < ordered.length; from += ENTRIES_AT_ONCE) {
          signal?.throwIfAborted()
          const lot = ordered.slice(from, from + ENTRIES_AT_ONCE)
          fresh += await append(lot)
          tell?.({ done: (done += lot.length), of })
        }
        return fresh
      }
      const newRecords = await inOrder(file.records, (lot) =>
        appendRecords(tx, shopId, file.case.id, lot, taken('record')),
      )
      const newEvents = await inOrder(file.events, (lot) =>
        appendEvents(tx, shopId, file.case.id, lot, taken('event')),
      )
      await indexImported(tx, shopId, file.case.id, [...file.records, ...file.events])
      for (const reference of file.attachments)
        await tx
          .insert(attachments)
          .values({ shopId, caseId: file.case.id, sha256: reference.sha256, reference })
          .onConflictDoNothing()
      await writeAudit(tx, { action: 'case-imported', shopId, actorId, subjectId: file.case.id })
      signal?.throwIfAborted()
      const added = newInstruments + Number(isNewCase) + newRecords + newEvents
      return {
        case: file.case.id,
        vehicle: [file.vehicle.name, file.vehicle.plate].filter(Boolean).join(' '),
        title: file.case.title,
        ...(file.shop ? { shop: file.shop.name } : {}),
        exportedAt: file.exportedAt,
        added,
        already: file.instruments.length + 1 + of - added,
        isNewCase,
        ...ofVehicle,
        records: newRecords,
        events: newEvents,
        instruments: newInstruments,
        people: newPeople,
      }
    },
    { isTrial },
  )
}

/** Refuses an entry whose id holds other content here, by its name. */
const taken = (kind: string) => (name: string) => {
  throw refuse.conflict('numberTakenInImport', { kind, name })
}

/** Runs `work`, whose conflict is told by the name of what is in its way. */
async function orNamed<T>(kind: string, name: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (error) {
    if (error instanceof ApiError && error.status === 409) return taken(kind)(name)
    throw error
  }
}

async function importPeople(tx: Transaction, shopId: string, file: CaseFile): Promise<number> {
  if (file.people.length === 0) return 0
  const written = await tx
    .insert(people)
    .values(file.people.map(({ id, name }) => ({ shopId, id, name: name ?? null })))
    .onConflictDoNothing()
    .returning({ id: people.id })
  for (const { id } of written) noteChange(tx, shopId, 'person', id)
  return written.length
}

async function importInstruments(
  tx: Transaction,
  shopId: string,
  file: CaseFile,
  opened: Written,
): Promise<number> {
  const ids = file.instruments.map(({ id }) => id)
  const known = new Map((await rowsOf(tx, instruments, shopId, ids)).map((row) => [row.id, row]))
  let fresh = 0
  for (const instrument of file.instruments) {
    const here = known.get(instrument.id)
    if (here && canonical(instrumentOf(here)) === canonical(instrument)) continue
    const isNew = await orNamed('instrument', instrument.name, () =>
      appendInstrument(tx, shopId, opened, instrument),
    )
    if (isNew) fresh++
  }
  return fresh
}

/**
 * The vehicle is added when it is new. When it is known and its system is described otherwise, that becomes its newest
 * profile, unless the file is older than what is known here: what was found out since is not taken back.
 */
async function importVehicle(
  tx: Transaction,
  shopId: string,
  file: CaseFile,
  opened: Written,
): Promise<Pick<TakenIn, 'isNewVehicle' | 'profileFields' | 'isOlderProfile'>> {
  const { profile, ...vehicle } = file.vehicle
  const isNewVehicle = (await rowOf(tx, vehicles, shopId, vehicle.id)) === undefined
  if (isNewVehicle) await appendVehicle(tx, shopId, opened, vehicle)
  const profiles = await tx
    .select()
    .from(vehicleProfiles)
    .where(and(eq(vehicleProfiles.shopId, shopId), eq(vehicleProfiles.vehicleId, vehicle.id)))
    .orderBy(desc(vehicleProfiles.receivedAt), desc(vehicleProfiles.id))
  const newest = profiles[0]
  const said = canonical(profile)
  const isKnown = profiles.some((known) => canonical(profileOf(known)) === said)
  const isOlderProfile =
    !isKnown &&
    newest !== undefined &&
    compareMoments(file.exportedAt, momentOf(newest.receivedAt)) < 0
  if (isKnown || isOlderProfile) return { isNewVehicle, profileFields: [], isOlderProfile }
  await appendProfile(tx, shopId, {
    ...opened,
    id: uuidv7(),
    vehicle: vehicle.id,
    profile,
    ...(newest ? { supersedes: newest.id } : {}),
  })
  const profileFields = newest ? differing(profileOf(newest), profile) : []
  return { isNewVehicle, profileFields, isOlderProfile }
}

/** Fields that two profiles do not say alike. */
const differing = (a: SystemProfile, b: SystemProfile): (keyof SystemProfile)[] =>
  ([...new Set([...Object.keys(a), ...Object.keys(b)])] as (keyof SystemProfile)[]).filter(
    (field) => canonical(a[field] ?? null) !== canonical(b[field] ?? null),
  )

/** Records replaced by others, and those that others belong to, come before these; each is looked at twice at most. */
export function oldestFirst<
  T extends { id: string; supersedes?: string | undefined; data: unknown },
>(items: readonly T[]): T[] {
  const byId = new Map(items.map((item) => [item.id, item]))
  const placed = new Set<T>()
  const begun = new Set<T>()
  for (const first of items) {
    const path = [first]
    for (let item = path.at(-1); item; item = path.at(-1)) {
      const before = begun.has(item) ? [] : neededBy(item, byId).filter((old) => !begun.has(old))
      begun.add(item)
      if (before.length > 0) path.push(...before)
      else placed.add(path.pop()!)
    }
  }
  return [...placed]
}

const neededBy = <T extends { supersedes?: string | undefined; data: unknown }>(
  { supersedes, data }: T,
  byId: ReadonlyMap<string, T>,
): T[] => [supersedes, runOf({ data })].flatMap((id) => (id && byId.get(id)) || [])
