import { and, eq, sql } from 'drizzle-orm'
import { z } from 'zod'
import { requireActor } from '../../auth/actor'
import { writeAudit } from '../../auth/audit'
import { ownAccount } from '../../auth/own-account'
import { hashPassword, passwordProblem } from '../../auth/password'
import { inTransaction } from '../../database/client'
import { accounts, sessions } from '../../database/schema'
import { refuse } from '../../utils/api-error'
import { addressOf } from '../../utils/proxy'
import { defineApi, readChecked } from '../../utils/define-api'

const body = z.strictObject({
  present: z.string().min(1).max(200),
  next: z.string().max(400),
})

/** Changes one's own password; every other session of this person ends. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read', { beforeFirstPassword: true })
  const { present, next } = await readChecked(event, body)
  const { shopId, personId, sessionId } = actor
  const account = await ownAccount(actor, present)
  if (next === present) throw refuse.bad('passwordSame', 'next')
  const problem = passwordProblem(next, [account.signIn, actor.name])
  if (problem) throw refuse.password(problem)
  const passwordHash = await hashPassword(next)
  await inTransaction(async (tx) => {
    const [{ epoch } = account] = await tx
      .update(accounts)
      .set({ passwordHash, mustChangePassword: false, epoch: sql`${accounts.epoch} + 1` })
      .where(and(eq(accounts.shopId, shopId), eq(accounts.id, personId)))
      .returning({ epoch: accounts.epoch })
    await tx
      .update(sessions)
      .set({ epoch, lastSeenAt: sql`now()` })
      .where(and(eq(sessions.shopId, shopId), eq(sessions.id, sessionId)))
    await writeAudit(tx, {
      action: 'password-changed',
      shopId,
      actorId: personId,
      address: addressOf(event),
    })
  })
  return { ok: true }
})
