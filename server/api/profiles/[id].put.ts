import { appendProfile } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute('profiles', {
  append: (tx, actor, entry) => appendProfile(tx, actor.shopId, entry),
})
