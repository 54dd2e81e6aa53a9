import { shopSettingsSet } from '../../database/schema'
import { defineShopChanges } from '../../utils/shop-changes'

/** When the shop's settings were set, to what, why and by whom; the newest first. */
export default defineShopChanges(shopSettingsSet, ({ settings }) => settings)
