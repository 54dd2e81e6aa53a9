import type { EventKind } from '../../../core/casefile/records'
import { may, type Permission } from '../../auth/roles'
import { appendEvent, eventFact, eventKindOf } from '../../database/facts'
import { refuse } from '../../utils/api-error'
import { defineFactRoute } from '../../utils/fact-route'

/** What an event asks of the one who writes it; taking one back asks the same as writing it. */
const permissionFor = (kind: EventKind): Permission => (kind === 'closed' || kind === 'reopened' ? 'close' : kind === 'repaired' || kind === 'drained' ? 'change-vehicle-work' : 'record')

export default defineFactRoute({
  schema: eventFact,
  idOf: (fact) => fact.event.id,
  authorOf: (fact) => fact.event.by,
  permission: (fact) => permissionFor(fact.event.kind),
  async append(tx, actor, fact) {
    const takenBack = fact.event.kind === 'withdrawn' ? await eventKindOf(tx, actor.shopId, fact.event.supersedes) : undefined
    if (takenBack && !may(actor.role, permissionFor(takenBack))) throw refuse.notYours(`Your role, ${actor.role}, may not take this back. Ask your lead.`)
    return appendEvent(tx, actor.shopId, fact.case, fact.event)
  },
})
