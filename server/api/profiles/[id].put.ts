import { appendProfile, profileEntry } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute({
  schema: profileEntry,
  idOf: (entry) => entry.id,
  authorOf: (entry) => entry.by,
  permission: 'record',
  append: (tx, actor, entry) => appendProfile(tx, actor.shopId, entry),
})
