import { appendVehicle } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute('vehicles', {
  append: (tx, actor, entry) => appendVehicle(tx, actor.shopId, entry, entry.vehicle),
})
