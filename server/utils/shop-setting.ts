import { eq } from 'drizzle-orm'
import type { z } from 'zod'
import type { Permission } from '#core'
import { actorOf, requireActor } from '../auth/actor'
import { type AuditedAction, writeAudit } from '../auth/audit'
import { describeSession } from '../auth/describe'
import { inTransaction } from '../database/client'
import { shops } from '../database/schema'
import { defineApi, readChecked } from './define-api'
import { addressOf } from './proxy'

/** PUT of something that a shop's lead sets: written down in the audit, answered with the session as it is then. */
export const defineShopSetting = <S extends z.ZodType>(
  permission: Permission,
  action: AuditedAction,
  schema: S,
  columnsOf: (set: z.infer<S>) => Partial<typeof shops.$inferInsert>,
) =>
  defineApi(async (event) => {
    const { shopId, personId: actorId } = await requireActor(event, permission)
    const set = await readChecked(event, schema)
    await inTransaction(async (tx) => {
      await tx.update(shops).set(columnsOf(set)).where(eq(shops.id, shopId))
      await writeAudit(tx, { action, shopId, actorId, address: addressOf(event) })
    })
    return describeSession((await actorOf(event))!)
  })
