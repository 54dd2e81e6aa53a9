import { shopPrices } from '#core'
import { defineShopSetting } from '../../utils/shop-setting'

/** What the shop asks for its work. Quotes drawn before keep theirs. */
export default defineShopSetting('set-prices', 'prices-set', shopPrices, (prices) => ({ prices }))
