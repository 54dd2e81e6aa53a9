import { appendInstrument, instrumentFact } from '../../database/facts'
import { defineFactRoute } from '../../utils/fact-route'

export default defineFactRoute({
  schema: instrumentFact,
  idOf: (fact) => fact.instrument.id,
  authorOf: (fact) => fact.by,
  permission: 'record',
  append: (tx, actor, fact) =>
    appendInstrument(tx, actor.shopId, fact, fact.instrument, fact.supersedes),
})
