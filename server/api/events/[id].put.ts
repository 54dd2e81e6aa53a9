import { may, permissionForEvent } from '#core'
import { appendEvent, eventFact, eventKindOf } from '../../database/facts'
import { refuse } from '../../utils/api-error'
import { defineFactRoute } from '../../utils/fact-route'

export default defineFactRoute({
  schema: eventFact,
  idOf: (fact) => fact.event.id,
  authorOf: (fact) => fact.event.by,
  permission: (fact) => permissionForEvent(fact.event.kind),
  async append(tx, actor, fact) {
    const takenBack =
      fact.event.kind === 'withdrawn'
        ? await eventKindOf(tx, actor.shopId, fact.event.supersedes)
        : undefined
    if (takenBack && !may(actor.role, permissionForEvent(takenBack)))
      throw refuse.notYours('roleMayNotTakeBack', { role: actor.role })
    return appendEvent(tx, actor.shopId, fact.case, fact.event)
  },
})
