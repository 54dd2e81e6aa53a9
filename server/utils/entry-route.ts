import { getRouterParam, setResponseStatus } from 'h3'
import { requireActor, type Actor } from '../auth/actor'
import { ENTRIES, type Entity, type EntryBody, IDENTITY, type Permission } from '#core'
import { inTransaction } from '../database/client'
import type { Transaction } from '../database/edge'
import { refuse } from './api-error'
import { defineApi, readChecked } from './define-api'

interface EntryRoute<E extends Entity> {
  /** what a person needs beside being allowed to record */
  permission?: (entry: EntryBody<E>) => Permission
  append: (tx: Transaction, actor: Actor, entry: EntryBody<E>) => Promise<boolean>
}

/** PUT of one entry under its own id: 201 when written, 200 when it was here already, 409 when other content is. */
export function defineEntryRoute<E extends Entity>(entity: E, route: EntryRoute<E>) {
  return defineApi(async (event) => {
    const actor = await requireActor(event, 'record')
    const entry = (await readChecked(event, ENTRIES[entity])) as EntryBody<E>
    if (route.permission) await requireActor(event, route.permission(entry))
    const { id, author } = IDENTITY[entity](entry)
    if (id !== getRouterParam(event, 'id')) throw refuse.bad('numberAndAddress', 'id')
    if (author !== actor.personId) throw refuse.notYours('madeBySomeoneElse')
    const isNew = await inTransaction((tx) => route.append(tx, actor, entry))
    setResponseStatus(event, isNew ? 201 : 200)
    return { kept: true, isNew, serverNow: new Date().toISOString() }
  })
}
