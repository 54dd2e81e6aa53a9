import { may, permissionForEvent } from '#core'
import { appendEvent, eventKindOf, sentNow } from '../../database/entries'
import { refuse } from '../../utils/api-error'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute('events', {
  permission: (entry) => permissionForEvent(entry.event.kind),
  async append(tx, actor, entry) {
    const takenBack =
      entry.event.kind === 'withdrawn'
        ? await eventKindOf(tx, actor.shopId, entry.event.supersedes)
        : undefined
    if (takenBack && !may(actor.role, permissionForEvent(takenBack)))
      throw refuse.notYours('roleMayNotTakeBack', { role: actor.role })
    return appendEvent(tx, actor.shopId, entry.case, sentNow(entry.event))
  },
})
