import { and, arrayContains, desc, eq, type SQL, sql, type SQLWrapper } from 'drizzle-orm'
import type { Complaint } from '#core'
import { inSmallLetters } from './case-index'
import { database } from './client'
import { momentOf, rowsOf } from './edge'
import { caseOf, newestProfiles, told, vehicleOf } from './told'
import { caseIndex, cases, vehicles } from './schema'
import { vehicleWords } from './tables/entries'

/** Cases of one page of what was found. */
const PAGE = 25
const MOST_VEHICLES = 12

export interface Sought {
  text?: string | undefined
  complaint?: Complaint | undefined
  bay?: string | undefined
  person?: string | undefined
  isOpen?: boolean | undefined
  /** where the page before ended */
  after?: { touchedAt: string; id: string } | undefined
}

/** Every word that is asked for stands somewhere in what a thing is known under. */
const hasWords = (column: SQLWrapper, text: string): SQL[] =>
  inSmallLetters(text)
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => sql`${column} like ${`%${word.replace(/[\\%_]/g, '\\$&')}%`}`)

/** Cases of a shop that are as they are sought, those touched last first, a page at a time. */
export async function searchCases(shopId: string, sought: Sought) {
  const { text, complaint, bay, person, isOpen, after } = sought
  const db = database()
  const found = await db
    .select()
    .from(caseIndex)
    .where(
      and(
        eq(caseIndex.shopId, shopId),
        ...(text === undefined ? [] : hasWords(caseIndex.words, text)),
        complaint && eq(caseIndex.complaint, complaint),
        bay === undefined ? undefined : eq(caseIndex.bay, inSmallLetters(bay)),
        person === undefined ? undefined : arrayContains(caseIndex.people, [person]),
        isOpen === undefined ? undefined : eq(caseIndex.isOpen, isOpen),
        after &&
          sql`(${caseIndex.touchedAt}, ${caseIndex.caseId}) < (${after.touchedAt}::timestamptz, ${after.id}::uuid)`,
      ),
    )
    .orderBy(desc(caseIndex.touchedAt), desc(caseIndex.caseId))
    .limit(PAGE + 1)
  const page = found.slice(0, PAGE)
  const headers = await rowsOf(
    db,
    cases,
    shopId,
    page.map(({ caseId }) => caseId),
  )
  const headerOf = new Map(headers.map((row) => [row.id, row]))
  const ofVehicles = await rowsOf(db, vehicles, shopId, [
    ...new Set(headers.map(({ vehicleId }) => vehicleId)),
  ])
  const vehicleById = new Map(ofVehicles.map((row) => [row.id, vehicleOf(row)]))
  return {
    more: found.length > PAGE,
    cases: page.map(({ caseId, isOpen, touchedAt }) => {
      const header = headerOf.get(caseId)!
      return {
        case: caseOf(header),
        vehicle: vehicleById.get(header.vehicleId)!,
        isOpen,
        touchedAt: momentOf(touchedAt),
      }
    }),
  }
}

/** Vehicles of a shop known under these words, with what is known of their systems. */
export async function searchVehicles(shopId: string, text: string) {
  const db = database()
  const found = await db
    .select()
    .from(vehicles)
    .where(and(eq(vehicles.shopId, shopId), ...hasWords(vehicleWords(vehicles), text)))
    .orderBy(desc(vehicles.id))
    .limit(MOST_VEHICLES)
  const profiles = await newestProfiles(
    db,
    shopId,
    found.map(({ id }) => id),
  )
  return told(db, shopId, { vehicles: found, profiles })
}
