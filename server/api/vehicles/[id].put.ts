import { appendVehicle, vehicleEntry } from '../../database/entries'
import { defineEntryRoute } from '../../utils/entry-route'

export default defineEntryRoute({
  schema: vehicleEntry,
  idOf: (entry) => entry.vehicle.id,
  authorOf: (entry) => entry.by,
  permission: 'record',
  append: (tx, actor, entry) => appendVehicle(tx, actor.shopId, entry, entry.vehicle),
})
