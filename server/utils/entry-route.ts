import { getRouterParam, setResponseStatus } from 'h3'
import type { RowEntity } from '#core'
import { requireActor } from '../auth/actor'
import { inTransaction } from '../database/client'
import { defineApi, ENTRIES_BYTES, readJson } from './define-api'
import { takeEntry } from './entry-rules'

/** PUT of one entry under its own id: 201 when written, 200 when it was here already, 409 when other content is. */
export function defineEntryRoute(entity: RowEntity) {
  return defineApi(async (event) => {
    const actor = await requireActor(event, 'record')
    const raw = await readJson(event, ENTRIES_BYTES)
    const id = getRouterParam(event, 'id') ?? ''
    const isNew = await inTransaction((tx) => takeEntry(tx, actor, entity, id, raw))
    setResponseStatus(event, isNew ? 201 : 200)
    return { kept: true, isNew, serverNow: new Date().toISOString() }
  })
}
