import { requireActor } from '../../auth/actor'
import { learn } from '../../database/learning'
import { shopRecord } from '../../database/shop-record'
import { defineApi } from '../../utils/define-api'

/** What the shop has learnt of its closed cases. */
export default defineApi(async (event) => {
  const { shopId } = await requireActor(event, 'read')
  await learn(shopId)
  return shopRecord(shopId)
})
