import { and, eq } from 'drizzle-orm'
import { database } from '../database/client'
import { accounts } from '../database/schema'
import { refuse } from '../utils/api-error'
import type { Actor } from './actor'
import { countTry, forgetTry } from './limits'
import { verifyPassword } from './password'

/** The account of whoever asks, who typed its password once more; 422 where that is another, 429 after many tries. */
export async function ownAccount({ shopId, personId }: Actor, password: string) {
  const key = `password|${personId}`
  await countTry('pair', key)
  const [account] = await database()
    .select()
    .from(accounts)
    .where(and(eq(accounts.shopId, shopId), eq(accounts.id, personId)))
  if (!account || !(await verifyPassword(account.passwordHash, password)))
    throw refuse.bad('passwordWrong', 'password')
  await forgetTry('pair', key)
  return account
}
