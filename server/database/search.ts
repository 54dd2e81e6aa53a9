import { and, arrayContains, desc, eq, type SQL, sql, type SQLWrapper } from 'drizzle-orm'
import type { Complaint } from '#core'
import { inSmallLetters } from './case-index'
import { type Database, database } from './client'
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
const hasWords = (column: SQLWrapper, text = ''): SQL[] =>
  inSmallLetters(text)
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => sql`${column} like ${`%${word.replace(/[\\%_]/g, '\\$&')}%`}`)

/** Cases that are looked through from the newest on before words are looked up in all that ever were. */
const LOOKED_THROUGH = 1_000

/**
 * A page of cases and one more. Where words are sought, the newest cases are looked through first, which finds what many
 * have; what only few have is then looked up in the index of words. Left to itself, the database takes the one for the
 * other, and reads a shop of many years from its newest case on for one plate.
 */
async function pageOfCases(db: Database, shopId: string, sought: Sought) {
  const { text, complaint, bay, person, isOpen, after } = sought
  const { touchedAt, caseId } = caseIndex
  const words = hasWords(caseIndex.words, text)
  const here = and(
    eq(caseIndex.shopId, shopId),
    after && sql`(${touchedAt}, ${caseId}) < (${after.touchedAt}::timestamptz, ${after.id}::uuid)`,
  )
  const found = (among: SQL | undefined, newestFirst: SQL) =>
    db
      .select()
      .from(caseIndex)
      .where(
        and(
          here,
          among,
          ...words,
          complaint && eq(caseIndex.complaint, complaint),
          bay === undefined ? undefined : eq(caseIndex.bay, inSmallLetters(bay)),
          person === undefined ? undefined : arrayContains(caseIndex.people, [person]),
          isOpen === undefined ? undefined : eq(caseIndex.isOpen, isOpen),
        ),
      )
      .orderBy(newestFirst, desc(caseId))
      .limit(PAGE + 1)
  if (words.length === 0) return found(undefined, desc(touchedAt))
  const oldest = db
    .select({ touchedAt })
    .from(caseIndex)
    .where(here)
    .orderBy(desc(touchedAt), desc(caseId))
    .offset(LOOKED_THROUGH)
    .limit(1)
  const newest = await found(
    sql`${touchedAt} >= coalesce((${oldest}), '-infinity')`,
    desc(touchedAt),
  )
  // The same order, spelt so that no index has it.
  return newest.length > PAGE ? newest : found(undefined, sql`${touchedAt} + interval '0' desc`)
}

/** Cases of a shop that are as they are sought, those touched last first, a page at a time. */
export async function searchCases(shopId: string, sought: Sought) {
  const db = database()
  const found = await pageOfCases(db, shopId, sought)
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
