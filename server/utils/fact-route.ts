import { getRouterParam, setResponseStatus } from 'h3'
import type { z } from 'zod'
import { requireActor, type Actor } from '../auth/actor'
import { type Permission } from '#core'
import { database } from '../database/client'
import type { Transaction } from '../database/edge'
import { refuse } from './api-error'
import { defineApi, readChecked } from './define-api'

interface FactRoute<S extends z.ZodType> {
  schema: S
  /** id and author inside the body, which must agree with the address and the session */
  idOf: (fact: z.infer<S>) => string
  authorOf: (fact: z.infer<S>) => string
  permission: Permission | ((fact: z.infer<S>) => Permission)
  append: (tx: Transaction, actor: Actor, fact: z.infer<S>) => Promise<boolean>
}

/** PUT of one fact under its own id: 201 when written, 200 when it was here already, 409 when other content is. */
export function defineFactRoute<S extends z.ZodType>(route: FactRoute<S>) {
  return defineApi(async (event) => {
    const actor = await requireActor(event, 'record')
    const fact = await readChecked(event, route.schema)
    if (typeof route.permission === 'function') await requireActor(event, route.permission(fact))
    if (route.idOf(fact) !== getRouterParam(event, 'id')) throw refuse.bad('numberAndAddress', 'id')
    if (route.authorOf(fact) !== actor.personId) throw refuse.notYours('madeBySomeoneElse')
    const isNew = await database().transaction((tx) => route.append(tx, actor, fact))
    setResponseStatus(event, isNew ? 201 : 200)
    return { kept: true, isNew, serverNow: new Date().toISOString() }
  })
}
