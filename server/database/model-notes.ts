import { and, eq, inArray, isNotNull, or } from 'drizzle-orm'
import {
  compareMoments,
  modelKey,
  modelOf,
  type ModelNote,
  notesOfModel,
  type Vehicle,
} from '#core'
import { database } from './client'
import { recordOf } from './edge'
import { cases, records, vehicles } from './schema'
import { isOfModel } from './tables/entries'
import { vehicleOf } from './told'

/** Notes of one model that are told, the newest. */
const MOST_NOTES = 200

/**
 * What was noted of every vehicle of a model, in whichever case of the shop, newest first; without what was taken back
 * or corrected.
 */
export async function modelNotes(shopId: string, model: string): Promise<ModelNote[]> {
  const noted = await notedCases(shopId, model)
  const vehicle = new Map(noted.map(({ caseId, known }) => [caseId, known.plate ?? known.name]))
  const inCase = new Map<string, ReturnType<typeof recordOf>[]>()
  for (const row of await notesIn(shopId, [...vehicle.keys()]))
    inCase.set(row.caseId, [...(inCase.get(row.caseId) ?? []), recordOf(row)])
  return [...inCase]
    .flatMap(([caseId, some]) =>
      notesOfModel(some).map((note) => ({ note, caseId, vehicle: vehicle.get(caseId)! })),
    )
    .sort((a, b) => compareMoments(b.note.observedAt, a.note.observedAt))
    .slice(0, MOST_NOTES)
}

/** Cases of vehicles of this model in which something was noted of the model. */
async function notedCases(shopId: string, model: string) {
  const rows = await database()
    .selectDistinct({ caseId: records.caseId, vehicle: vehicles })
    .from(records)
    .innerJoin(cases, and(eq(cases.shopId, records.shopId), eq(cases.id, records.caseId)))
    .innerJoin(vehicles, and(eq(vehicles.shopId, cases.shopId), eq(vehicles.id, cases.vehicleId)))
    .where(and(eq(records.shopId, shopId), isOfModel(records)))
  return rows
    .map(({ caseId, vehicle }) => ({ caseId, known: vehicleOf(vehicle) as Vehicle }))
    .filter(({ known }) => modelKey(modelOf(known)) === modelKey(model))
}

/** Notes of the model in these cases, and all that took something back or corrected it. */
const notesIn = (shopId: string, caseIds: string[]) =>
  database()
    .select()
    .from(records)
    .where(
      and(
        eq(records.shopId, shopId),
        inArray(records.caseId, caseIds),
        or(isOfModel(records), isNotNull(records.supersedes)),
      ),
    )
