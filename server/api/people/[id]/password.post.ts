import { and, eq } from 'drizzle-orm'
import { getRouterParam } from 'h3'
import { z } from 'zod'
import { requireActor } from '../../../auth/actor'
import { writeAudit } from '../../../auth/audit'
import { newPassword } from '../../../auth/new-password'
import { firstPassword, hashPassword } from '../../../auth/password'
import { inTransaction } from '../../../database/client'
import { accounts } from '../../../database/schema'
import { refuse } from '../../../utils/api-error'
import { addressOf } from '../../../utils/proxy'
import { defineApi } from '../../../utils/define-api'

/**
 * Gives somebody of the shop a new first password, told in this answer and never again. Their sessions end, and their
 * second factor goes: whoever lost the one has often lost the other.
 */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'manage-people')
  const id = z.uuid().safeParse(getRouterParam(event, 'id'))
  if (!id.success) throw refuse.notFound()
  const password = firstPassword()
  const passwordHash = await hashPassword(password)
  await inTransaction(async (tx) => {
    const changed = await tx
      .update(accounts)
      .set(newPassword(passwordHash))
      .where(
        and(
          eq(accounts.shopId, actor.shopId),
          eq(accounts.id, id.data),
          eq(accounts.disabled, false),
        ),
      )
      .returning({ id: accounts.id })
    if (changed.length === 0) throw refuse.notFound()
    await writeAudit(tx, {
      action: 'password-reset',
      shopId: actor.shopId,
      actorId: actor.personId,
      subjectId: id.data,
      address: addressOf(event),
    })
  })
  return { password }
})
