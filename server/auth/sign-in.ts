import { and, count, eq, gt, inArray, lt, sql } from 'drizzle-orm'
import { uuidv7 } from 'uuidv7'
import { database } from '../database/client'
import { accounts, sessions, signInAttempts } from '../database/schema'
import { refuse } from '../utils/api-error'
import { hashPassword, verifyPassword } from './password'

const WINDOW_MINUTES = 15
const MAX_PER_NAME = 8
const MAX_PER_ADDRESS = 60
const SESSION_DAYS = 14

let decoy: Promise<string> | undefined

/**
 * Signs a person in, or throws 401 for a wrong name or password (the two are not told apart, in words or in
 * time) and 429 when too many tries failed in the last quarter of an hour, counted in the database.
 */
export async function signIn(
  name: string,
  password: string,
  address: string,
): Promise<{ sessionId: string; shopId: string }> {
  const db = database()
  const keys = [`name:${name.toLowerCase()}`, `address:${address}`]
  const since = sql`now() - make_interval(mins => ${WINDOW_MINUTES})`
  const counted = await db
    .select({ key: signInAttempts.key, tries: count() })
    .from(signInAttempts)
    .where(and(inArray(signInAttempts.key, keys), gt(signInAttempts.at, since)))
    .groupBy(signInAttempts.key)
  if (
    counted.some(
      (row) => row.tries >= (row.key.startsWith('name:') ? MAX_PER_NAME : MAX_PER_ADDRESS),
    )
  )
    throw refuse.tooManyTries(WINDOW_MINUTES)
  const [account] = await db.select().from(accounts).where(eq(accounts.signIn, name.toLowerCase()))
  decoy ??= hashPassword('nobody has this password')
  const good = await verifyPassword(account?.passwordHash ?? (await decoy), password)
  if (!account || !good || account.disabled) {
    await db.insert(signInAttempts).values(keys.map((key) => ({ key })))
    throw refuse.wrongSignIn()
  }
  await db.delete(signInAttempts).where(eq(signInAttempts.key, keys[0]!))
  await db.delete(signInAttempts).where(lt(signInAttempts.at, sql`now() - interval '1 day'`))
  const sessionId = uuidv7()
  await db.insert(sessions).values({
    shopId: account.shopId,
    id: sessionId,
    personId: account.id,
    epoch: account.epoch,
    expiresAt: new Date(Date.now() + SESSION_DAYS * 86400_000).toISOString(),
  })
  return { sessionId, shopId: account.shopId }
}
