import { and, eq } from 'drizzle-orm'
import { z } from 'zod'
import { requireActor } from '../../auth/actor'
import { writeAudit } from '../../auth/audit'
import { countTry, forgetTry } from '../../auth/limits'
import { useCode } from '../../auth/second-factor'
import { database } from '../../database/client'
import { accounts } from '../../database/schema'
import { refuse } from '../../utils/api-error'
import { addressOf } from '../../utils/proxy'
import { defineApi, readChecked } from '../../utils/define-api'

const body = z.strictObject({ code: z.string().max(20) })

/** Puts a second factor in force that was begun with, once a code shows that the other device has it. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const { code } = await readChecked(event, body)
  const { shopId, personId } = actor
  const key = `code|${personId}`
  await countTry('pair', key)
  const ofActor = and(eq(accounts.shopId, shopId), eq(accounts.id, personId))
  const [account] = await database().select().from(accounts).where(ofActor)
  if (!account?.secondFactor) throw refuse.bad('secondFactorNotBegun')
  if (!(await useCode({ shopId, personId, secret: account.secondFactor }, code)))
    throw refuse.bad('secondFactorWrong', 'code')
  await forgetTry('pair', key)
  await database().update(accounts).set({ secondFactorInForce: true }).where(ofActor)
  await writeAudit(database(), {
    action: 'second-factor-on',
    shopId,
    actorId: personId,
    address: addressOf(event),
  })
  return { ok: true }
})
