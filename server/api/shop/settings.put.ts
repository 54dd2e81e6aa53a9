import { shopSettings } from '#core'
import { shopSettingsSet } from '../../database/schema'
import { defineShopSetting } from '../../utils/shop-setting'

/** What the shop is called, where it stands and how it works; every time it is set is kept. */
export default defineShopSetting(
  'set-shop',
  'settings-set',
  shopSettings,
  (settings) => ({
    name: settings.name.trim(),
    elevationMetres: settings.elevationMetres,
    ways: settings.ways,
  }),
  (tx, settings, { shopId, personId }) =>
    tx.insert(shopSettingsSet).values({ shopId, by: personId, settings }),
)
