import { appendEvent, eventFact } from '../../database/facts'
import { defineFactRoute } from '../../utils/fact-route'

export default defineFactRoute({
  schema: eventFact,
  idOf: (fact) => fact.event.id,
  authorOf: (fact) => fact.event.by,
  permission: (fact) => (fact.event.kind === 'closed' || fact.event.kind === 'reopened' ? 'close' : fact.event.kind === 'repaired' || fact.event.kind === 'drained' ? 'change-vehicle-work' : 'record'),
  append: (tx, actor, fact) => appendEvent(tx, actor.shopId, fact.case, fact.event),
})
