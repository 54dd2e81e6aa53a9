import { adaptersOf } from '../../adapters/configured'
import { requireActor } from '../../auth/actor'
import { defineApi } from '../../utils/define-api'

/** Names of the adapters that vehicles of this shop can be read through. */
export default defineApi(async (event) => {
  const { shopId } = await requireActor(event, 'read')
  return { adapters: adaptersOf(shopId).map(({ name }) => name) }
})
