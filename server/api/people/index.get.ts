import { and, asc, eq } from 'drizzle-orm'
import { requireActor } from '../../auth/actor'
import { database } from '../../database/client'
import { accounts, people } from '../../database/schema'
import { defineApi } from '../../utils/define-api'

/** Who may sign in to the shop, for the lead. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'manage-people')
  const all = await database()
    .select({
      id: people.id,
      name: people.name,
      signIn: accounts.signIn,
      role: accounts.role,
      mustChangePassword: accounts.mustChangePassword,
      hasSecondFactor: accounts.secondFactorInForce,
    })
    .from(accounts)
    .innerJoin(people, and(eq(people.shopId, accounts.shopId), eq(people.id, accounts.id)))
    .where(and(eq(accounts.shopId, actor.shopId), eq(accounts.disabled, false)))
    .orderBy(asc(people.name))
  return { people: all }
})
