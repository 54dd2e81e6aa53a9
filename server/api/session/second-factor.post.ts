import { and, eq } from 'drizzle-orm'
import { z } from 'zod'
import { requireActor } from '../../auth/actor'
import { ownAccount } from '../../auth/own-account'
import { newSecret, pictureOf } from '../../auth/second-factor'
import { database } from '../../database/client'
import { accounts } from '../../database/schema'
import { refuse } from '../../utils/api-error'
import { defineApi, readChecked } from '../../utils/define-api'

const body = z.strictObject({ password: z.string().min(1).max(200) })

/** Begins with a second factor: gives its secret once. It is in force when a code of it was typed. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const { password } = await readChecked(event, body)
  const { signIn, secondFactorInForce } = await ownAccount(actor, password)
  if (secondFactorInForce) throw refuse.bad('secondFactorInForce')
  const secret = newSecret()
  await database()
    .update(accounts)
    .set({ secondFactor: secret, secondFactorInForce: false, secondFactorStep: null })
    .where(and(eq(accounts.shopId, actor.shopId), eq(accounts.id, actor.personId)))
  return { secret, picture: await pictureOf(secret, signIn) }
})
