import { appendVehicle, vehicleFact } from '../../database/facts'
import { defineFactRoute } from '../../utils/fact-route'

export default defineFactRoute({
  schema: vehicleFact,
  idOf: (fact) => fact.vehicle.id,
  authorOf: (fact) => fact.by,
  permission: 'record',
  append: (tx, actor, fact) => appendVehicle(tx, actor.shopId, fact, fact.vehicle),
})
