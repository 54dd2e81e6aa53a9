import { eq } from 'drizzle-orm'
import { uuidv7 } from 'uuidv7'
import { database } from '../database/client'
import { accounts, sessions } from '../database/schema'
import { refuse } from '../utils/api-error'
import { writeAudit } from './audit'
import { countTry, forgetTries } from './limits'
import { hashPassword, verifyPassword } from './password'
import { useCode } from './second-factor'

const SESSION_DAYS = 14

let decoy: Promise<string> | undefined

export interface Attempt {
  name: string
  password: string
  /** of the second factor, where one is in force */
  code?: string | undefined
  address: string
  /** whether a person signed in on this browser before: they are not held up by what others try under their name */
  isKnownHere: (personId: string) => Promise<boolean>
}

/**
 * Signs a person in, or throws 401 for a wrong name or password (the two are not told apart, in words or in time) and
 * 429 when too many tries failed lately. Where a second factor is in force, its code is asked for once the password was
 * right.
 */
export async function signIn({
  name: typed,
  password,
  code,
  address,
  isKnownHere,
}: Attempt): Promise<{ sessionId: string; shopId: string; personId: string }> {
  const db = database()
  const name = typed.toLowerCase()
  const pair = `${name}|${address}`
  await countTry('pair', pair)
  const [account] = await db.select().from(accounts).where(eq(accounts.signIn, name))
  if (!account || !(await isKnownHere(account.id))) await countTry('name', name)
  decoy ??= hashPassword('nobody has this password')
  const good = await verifyPassword(account?.passwordHash ?? (await decoy), password)
  const about = { shopId: account?.shopId, subjectId: account?.id, address }
  if (!account || !good || account.disabled) {
    await writeAudit(db, { action: 'sign-in-refused', ...about })
    throw refuse.wrongSignIn()
  }
  const { shopId, id: personId, secondFactor: secret, secondFactorInForce } = account
  if (secret && secondFactorInForce) {
    // The password was right: that much may be told, since the code is counted like a password.
    if (!code) throw refuse.secondFactor('secondFactorWanted')
    if (!(await useCode({ shopId, personId, secret }, code))) {
      await writeAudit(db, { action: 'sign-in-refused', ...about })
      throw refuse.secondFactor('secondFactorWrong')
    }
  }
  await forgetTries(pair, name)
  const sessionId = uuidv7()
  await db.insert(sessions).values({
    shopId: account.shopId,
    id: sessionId,
    personId: account.id,
    epoch: account.epoch,
    expiresAt: new Date(Date.now() + SESSION_DAYS * 86400_000).toISOString(),
  })
  await writeAudit(db, { action: 'signed-in', shopId, actorId: personId, address })
  return { sessionId, shopId, personId }
}
