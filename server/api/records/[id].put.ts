import { appendRecord, recordEntry, sentNow } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute({
  schema: recordEntry,
  idOf: (entry) => entry.record.id,
  authorOf: (entry) => entry.record.by,
  permission: 'record',
  append: (tx, actor, entry) => appendRecord(tx, actor.shopId, entry.case, sentNow(entry.record)),
})
