import { appendCase, caseEntry } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute({
  schema: caseEntry,
  idOf: (entry) => entry.case.id,
  authorOf: (entry) => entry.case.openedBy,
  permission: 'record',
  append: (tx, actor, entry) =>
    appendCase(tx, actor.shopId, entry, entry.case, actor.elevationMetres),
})
