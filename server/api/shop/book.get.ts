import { shopBookSet } from '../../database/schema'
import { defineShopChanges } from '../../utils/shop-changes'

/** When entries of the book were set, to what, why and by whom; the newest first. */
export default defineShopChanges(shopBookSet, ({ change }) => ({ change }))
