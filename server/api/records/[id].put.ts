import { appendRecord, sentNow } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute('records', {
  append: (tx, actor, entry) => appendRecord(tx, actor.shopId, entry.case, sentNow(entry.record)),
})
