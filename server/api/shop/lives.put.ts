import { shopLives } from '#core'
import { defineShopSetting } from '../../utils/shop-setting'

/** How long components last in this shop's vehicles; the product's own where nothing is said. */
export default defineShopSetting('set-shop', 'lives-set', shopLives, (lives) => ({ lives }))
