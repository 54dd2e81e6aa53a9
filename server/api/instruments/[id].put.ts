import { appendInstrument } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute('instruments', {
  append: (tx, actor, entry) =>
    appendInstrument(tx, actor.shopId, entry, entry.instrument, entry.supersedes),
})
