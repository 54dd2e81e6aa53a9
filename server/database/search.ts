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

/** What a word may begin after. A list, for the index can look a beginning up only where these are counted out. */
const BEGINS = '(^|[ ./(-])'
const RUN_OF_THREE = /[\p{L}\p{N}]{3}/u

/**
 * Every word that is asked for stands somewhere in what a thing is known under; one without three letters or digits in
 * a row where a word begins, for such a word has no three the index could look it up by.
 */
const hasWords = (column: SQLWrapper, text = ''): SQL[] =>
  inSmallLetters(text)
    .split(/\s+/)
    .filter((word) => /[\p{L}\p{N}]/u.test(word))
    .map((word) =>
      RUN_OF_THREE.test(word)
        ? sql`${column} like ${`%${word.replace(/[\\%_]/g, '\\$&')}%`}`
        : sql`${column} ~ ${BEGINS + word.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&')}`,
    )

/** What is looked through from the newest on before words are looked up in all that ever was. */
const LOOKED_THROUGH = 1_000

/**
 * A page by words, newest first, as `found` reads it. The newest are looked through first, which finds what many have;
 * what only few have is then looked up in the index of words. Left to itself, the database takes the one for the other,
 * and reads a shop of many years from its newest on for one plate.
 */
async function newestFirst<Row>(
  words: readonly SQL[],
  page: number,
  found: (among: 'newest' | 'all') => PromiseLike<Row[]>,
): Promise<Row[]> {
  if (words.length === 0) return found('all')
  const newest = await found('newest')
  return newest.length >= page ? newest : found('all')
}

/** A page of cases and one more. */
async function pageOfCases(db: Database, shopId: string, sought: Sought) {
  const { text, complaint, bay, person, isOpen, after } = sought
  const { touchedAt, caseId } = caseIndex
  const words = hasWords(caseIndex.words, text)
  const here = and(
    eq(caseIndex.shopId, shopId),
    after && sql`(${touchedAt}, ${caseId}) < (${after.touchedAt}::timestamptz, ${after.id}::uuid)`,
  )
  const oldest = db
    .select({ touchedAt })
    .from(caseIndex)
    .where(here)
    .orderBy(desc(touchedAt), desc(caseId))
    .offset(LOOKED_THROUGH)
    .limit(1)
  return newestFirst(words, PAGE + 1, (among) => {
    const isLookedUp = among === 'all' && words.length > 0
    return (
      db
        .select()
        .from(caseIndex)
        .where(
          and(
            here,
            among === 'newest'
              ? sql`${touchedAt} >= coalesce((${oldest}), '-infinity')`
              : undefined,
            ...words,
            complaint && eq(caseIndex.complaint, complaint),
            bay === undefined ? undefined : eq(caseIndex.bay, inSmallLetters(bay)),
            person === undefined ? undefined : arrayContains(caseIndex.people, [person]),
            isOpen === undefined ? undefined : eq(caseIndex.isOpen, isOpen),
          ),
        )
        // The same order, spelt so that no index has it.
        .orderBy(isLookedUp ? sql`${touchedAt} + interval '0' desc` : desc(touchedAt), desc(caseId))
        .limit(PAGE + 1)
    )
  })
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
  const words = hasWords(vehicleWords(vehicles), text)
  const here = eq(vehicles.shopId, shopId)
  const oldest = db
    .select({ id: vehicles.id })
    .from(vehicles)
    .where(here)
    .orderBy(desc(vehicles.id))
    .offset(LOOKED_THROUGH)
    .limit(1)
  const found = await newestFirst(words, MOST_VEHICLES, (among) => {
    const isLookedUp = among === 'all' && words.length > 0
    return (
      db
        .select()
        .from(vehicles)
        .where(
          and(
            here,
            among === 'newest'
              ? sql`${vehicles.id} >= coalesce((${oldest}), '00000000-0000-0000-0000-000000000000')`
              : undefined,
            ...words,
          ),
        )
        // As above: an order that no index has.
        .orderBy(isLookedUp ? sql`${vehicles.id}::text desc` : desc(vehicles.id))
        .limit(MOST_VEHICLES)
    )
  })
  const profiles = await newestProfiles(
    db,
    shopId,
    found.map(({ id }) => id),
  )
  return told(db, shopId, { vehicles: found, profiles })
}
