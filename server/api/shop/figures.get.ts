import { shopFiguresSet } from '../../database/schema'
import { defineShopChanges } from '../../utils/shop-changes'

/** When prices and life expectancies were set, to what, why and by whom; the newest first. */
export default defineShopChanges(shopFiguresSet, ({ set }) => set)
