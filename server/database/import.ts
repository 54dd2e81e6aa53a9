import { and, eq, desc } from 'drizzle-orm'
import { uuidv7 } from 'uuidv7'
import type { CaseFile } from '#core'
import { ApiError, refuse } from '../utils/api-error'
import {
  appendCase,
  appendEvent,
  appendInstrument,
  appendProfile,
  appendRecord,
  appendVehicle,
} from './entries'
import { canonical, noteChange } from './append'
import { instrumentOf, profileOf, type Transaction } from './edge'
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
export async function importCase(shopId: string, file: CaseFile): Promise<Imported> {
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
      if (written.length > 0) await noteChange(tx, shopId, 'person', person.id)
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
    for (const record of oldestFirst(file.records))
      await named('record', record.id, appendRecord(tx, shopId, file.case.id, record))
    for (const event of oldestFirst(file.events))
      await named('event', event.id, appendEvent(tx, shopId, file.case.id, event))
    for (const reference of file.attachments)
      await tx
        .insert(attachments)
        .values({ shopId, caseId: file.case.id, sha256: reference.sha256, reference })
        .onConflictDoNothing()
    return { case: file.case.id, added, already }
  })
}

/** The vehicle is added when it is new; when it is known and its system is described otherwise, that becomes its newest profile. */
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
  const [newest] = await tx
    .select()
    .from(vehicleProfiles)
    .where(and(eq(vehicleProfiles.shopId, shopId), eq(vehicleProfiles.vehicleId, vehicle.id)))
    .orderBy(desc(vehicleProfiles.receivedAt), desc(vehicleProfiles.id))
    .limit(1)
  if (newest && canonical(profileOf(newest)) === canonical(profile)) return
  await appendProfile(tx, shopId, {
    ...opened,
    id: uuidv7(),
    vehicle: vehicle.id,
    profile,
    ...(newest ? { supersedes: newest.id } : {}),
  })
}

/** Records replaced by others come before those that replace them. */
function oldestFirst<
  T extends { id: string; supersedes?: string | undefined; data: unknown; kind: string },
>(items: readonly T[]): T[] {
  const byId = new Map(items.map((item) => [item.id, item]))
  const depth = (item: T): number => {
    const before = [item.supersedes, (item.data as { run?: string }).run].map((id) =>
      id === undefined ? undefined : byId.get(id),
    )
    return before.reduce((most, old) => (old ? Math.max(most, depth(old) + 1) : most), 0)
  }
  return items
    .map((item) => ({ item, d: depth(item) }))
    .sort((a, b) => a.d - b.d)
    .map(({ item }) => item)
}
