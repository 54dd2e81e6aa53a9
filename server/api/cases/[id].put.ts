import { appendCase } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute('cases', {
  append: (tx, actor, entry) =>
    appendCase(tx, actor.shopId, entry, entry.case, actor.elevationMetres),
})
