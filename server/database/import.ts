import { and, eq, desc } from 'drizzle-orm'
import { uuidv7 } from 'uuidv7'
import { type CaseFile, compareMoments, runOf } from '#core'
import { writeAudit } from '../auth/audit'
import { ApiError, refuse } from '../utils/api-error'
import {
  appendCase,
  appendEvents,
  appendInstrument,
  appendProfile,
  appendRecords,
  appendVehicle,
} from './entries'
import { indexImported } from './case-index'
import { canonical, noteChange } from './append'
import { instrumentOf, momentOf, profileOf, type Transaction } from './edge'
import { inTransaction } from './client'
import { attachments, instruments, people, vehicleProfiles, vehicles } from './schema'

export interface Imported {
  case: string
  added: number
  already: number
}

/**
 * Takes a checked case file into a shop, in one transaction: all of it or none. People and instruments of the file
 * come along under their ids; what is already here with the same content is left as it is, other content under
 * the same id is a conflict that names it.
 */
export async function importCase(
  { shopId, personId: actorId }: { shopId: string; personId: string },
  file: CaseFile,
): Promise<Imported> {
  return inTransaction(async (tx) => {
    let added = 0
    let already = 0
    const count = (isNew: boolean) => (isNew ? added++ : already++)
    const opened = { by: file.case.openedBy, observedAt: file.case.openedAt }
    for (const person of file.people) {
      const written = await tx
        .insert(people)
        .values({ shopId, id: person.id, name: person.name ?? null })
        .onConflictDoNothing()
        .returning({ id: people.id })
      if (written.length > 0) noteChange(tx, shopId, 'person', person.id)
    }
    const named = async (kind: string, name: string, work: Promise<boolean>) => {
      try {
        count(await work)
      } catch (error) {
        if (error instanceof ApiError && error.status === 409)
          throw refuse.conflict('numberTakenInImport', { kind, name })
        throw error
      }
    }
    await importVehicle(tx, shopId, file, opened)
    for (const instrument of file.instruments) {
      const [known] = await tx
        .select()
        .from(instruments)
        .where(and(eq(instruments.shopId, shopId), eq(instruments.id, instrument.id)))
      if (known && canonical(instrumentOf(known)) === canonical(instrument)) already++
      else
        await named('instrument', instrument.name, appendInstrument(tx, shopId, opened, instrument))
    }
    await named('case', '', appendCase(tx, shopId, opened, file.case, file.site.elevationMetres))
    const taken = (kind: string) => (name: string) => {
      throw refuse.conflict('numberTakenInImport', { kind, name })
    }
    const recordsFirst = oldestFirst(file.records)
    const eventsFirst = oldestFirst(file.events)
    const fresh =
      (await appendRecords(tx, shopId, file.case.id, recordsFirst, taken('record'))) +
      (await appendEvents(tx, shopId, file.case.id, eventsFirst, taken('event')))
    await indexImported(tx, shopId, file.case.id, [...file.records, ...file.events])
    added += fresh
    already += file.records.length + file.events.length - fresh
    for (const reference of file.attachments)
      await tx
        .insert(attachments)
        .values({ shopId, caseId: file.case.id, sha256: reference.sha256, reference })
        .onConflictDoNothing()
    await writeAudit(tx, { action: 'case-imported', shopId, actorId, subjectId: file.case.id })
    return { case: file.case.id, added, already }
  })
}

/**
 * The vehicle is added when it is new. When it is known and its system is described otherwise, that becomes its newest
 * profile, unless the file is older than what is known here: what was found out since is not taken back.
 */
async function importVehicle(
  tx: Transaction,
  shopId: string,
  file: CaseFile,
  opened: { by: string; observedAt: string },
) {
  const { profile, ...vehicle } = file.vehicle
  const [known] = await tx
    .select()
    .from(vehicles)
    .where(and(eq(vehicles.shopId, shopId), eq(vehicles.id, vehicle.id)))
  if (!known) await appendVehicle(tx, shopId, opened, vehicle)
  const profiles = await tx
    .select()
    .from(vehicleProfiles)
    .where(and(eq(vehicleProfiles.shopId, shopId), eq(vehicleProfiles.vehicleId, vehicle.id)))
    .orderBy(desc(vehicleProfiles.receivedAt), desc(vehicleProfiles.id))
  const newest = profiles[0]
  const said = canonical(profile)
  const isKnown = profiles.some((known) => canonical(profileOf(known)) === said)
  const isOlder = newest && compareMoments(file.exportedAt, momentOf(newest.receivedAt)) < 0
  if (isKnown || isOlder) return
  await appendProfile(tx, shopId, {
    ...opened,
    id: uuidv7(),
    vehicle: vehicle.id,
    profile,
    ...(newest ? { supersedes: newest.id } : {}),
  })
}

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
