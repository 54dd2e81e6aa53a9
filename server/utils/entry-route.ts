import { getRouterParam, setResponseStatus } from 'h3'
import type { z } from 'zod'
import { requireActor, type Actor } from '../auth/actor'
import { type Permission } from '#core'
import { inTransaction } from '../database/client'
import type { Transaction } from '../database/edge'
import { refuse } from './api-error'
import { defineApi, readChecked } from './define-api'

interface EntryRoute<S extends z.ZodType> {
  schema: S
  /** id and author inside the body, which must agree with the address and the session */
  idOf: (entry: z.infer<S>) => string
  authorOf: (entry: z.infer<S>) => string
  permission: Permission | ((entry: z.infer<S>) => Permission)
  append: (tx: Transaction, actor: Actor, entry: z.infer<S>) => Promise<boolean>
}

/** PUT of one entry under its own id: 201 when written, 200 when it was here already, 409 when other content is. */
export function defineEntryRoute<S extends z.ZodType>(route: EntryRoute<S>) {
  return defineApi(async (event) => {
    const actor = await requireActor(event, 'record')
    const entry = await readChecked(event, route.schema)
    if (typeof route.permission === 'function') await requireActor(event, route.permission(entry))
    if (route.idOf(entry) !== getRouterParam(event, 'id'))
      throw refuse.bad('numberAndAddress', 'id')
    if (route.authorOf(entry) !== actor.personId) throw refuse.notYours('madeBySomeoneElse')
    const isNew = await inTransaction((tx) => route.append(tx, actor, entry))
    setResponseStatus(event, isNew ? 201 : 200)
    return { kept: true, isNew, serverNow: new Date().toISOString() }
  })
}
