import { appendRecord, recordFact } from '../../database/facts'
import { defineFactRoute } from '../../utils/fact-route'

export default defineFactRoute({
  schema: recordFact,
  idOf: (fact) => fact.record.id,
  authorOf: (fact) => fact.record.by,
  permission: 'record',
  append: (tx, actor, fact) => appendRecord(tx, actor.shopId, fact.case, fact.record),
})
