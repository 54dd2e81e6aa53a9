import { appendCase, caseFact } from '../../database/facts'
import { defineFactRoute } from '../../utils/fact-route'

export default defineFactRoute({
  schema: caseFact,
  idOf: (fact) => fact.case.id,
  authorOf: (fact) => fact.case.openedBy,
  permission: 'record',
  append: (tx, actor, fact) => appendCase(tx, actor.shopId, fact, fact.case, actor.elevationMetres),
})
