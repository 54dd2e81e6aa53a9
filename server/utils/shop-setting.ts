import { eq } from 'drizzle-orm'
import type { z } from 'zod'
import type { Permission } from '#core'
import { type Actor, actorOf, requireActor } from '../auth/actor'
import { type AuditedAction, writeAudit } from '../auth/audit'
import { describeSession } from '../auth/describe'
import { inTransaction } from '../database/client'
import type { Transaction } from '../database/edge'
import { shops } from '../database/schema'
import { defineApi, readChecked } from './define-api'
import { addressOf } from './proxy'

/** PUT of something that a shop's lead sets: written down in the audit, answered with the session as it is then. */
export const defineShopSetting = <S extends z.ZodType>(
  permission: Permission,
  action: AuditedAction,
  schema: S,
  columnsOf: (
    set: z.infer<S>,
    was: typeof shops.$inferSelect,
  ) => Partial<typeof shops.$inferInsert>,
  /** what is written beside it, in the same transaction */
  also?: (tx: Transaction, set: z.infer<S>, actor: Actor) => Promise<unknown>,
) =>
  defineApi(async (event) => {
    const actor = await requireActor(event, permission)
    const { shopId, personId: actorId } = actor
    const set = await readChecked(event, schema)
    await inTransaction(async (tx) => {
      const [was] = await tx.select().from(shops).where(eq(shops.id, shopId)).for('update')
      await tx.update(shops).set(columnsOf(set, was!)).where(eq(shops.id, shopId))
      await also?.(tx, set, actor)
      await writeAudit(tx, { action, shopId, actorId, address: addressOf(event) })
    })
    return describeSession((await actorOf(event))!)
  })
