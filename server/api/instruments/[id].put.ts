import { appendInstrument, instrumentEntry } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute({
  schema: instrumentEntry,
  idOf: (entry) => entry.instrument.id,
  authorOf: (entry) => entry.by,
  permission: 'record',
  append: (tx, actor, entry) =>
    appendInstrument(tx, actor.shopId, entry, entry.instrument, entry.supersedes),
})
