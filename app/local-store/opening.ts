import { message } from '#core'
import { LocalDatabase } from './database'
import { within } from './within'

/** A browser that does not open its database in this time is taken to have none, ms. */
const OPENING_LIMIT_MS = 6_000

export interface Opened {
  local: LocalDatabase
  /** it stands in this page's memory only: what is recorded is gone with the page unless it was sent */
  isVolatile: boolean
}

/** A database in the page's memory. */
async function inMemory(personId: string): Promise<Opened> {
  const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb')
  const local = new LocalDatabase(personId, { indexedDB: new IDBFactory(), IDBKeyRange })
  await local.open()
  return { local, isVolatile: true }
}

/**
 * A person's database in this browser. Where nothing is to be kept, and where the browser has none or does not open it,
 * one in the page's memory takes its place, so that work goes on; it is told that nothing is kept.
 */
export async function openDatabase(personId: string, keepsNothing = false): Promise<Opened> {
  if (keepsNothing) return inMemory(personId)
  const own = new LocalDatabase(personId)
  try {
    await within(OPENING_LIMIT_MS, message('common.offline.storageSlow'), own.open())
    await own.tidy()
    return { local: own, isVolatile: false }
  } catch (error) {
    console.error(error)
    own.close()
    return inMemory(personId)
  }
}
