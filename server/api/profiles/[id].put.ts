import { appendProfile, profileFact } from '../../database/facts'
import { defineFactRoute } from '../../utils/fact-route'

export default defineFactRoute({
  schema: profileFact,
  idOf: (fact) => fact.id,
  authorOf: (fact) => fact.by,
  permission: 'record',
  append: (tx, actor, fact) => appendProfile(tx, actor.shopId, fact),
})
