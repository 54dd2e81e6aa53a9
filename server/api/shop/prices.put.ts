import { pricesSet } from '#core'
import { keepFigures } from '../../utils/keep-figures'
import { defineShopSetting } from '../../utils/shop-setting'

/** What the shop asks for its work. Quotes drawn before keep theirs. */
export default defineShopSetting(
  'set-prices',
  'prices-set',
  pricesSet,
  ({ prices }) => ({ prices }),
  (tx, { prices, because }, actor) =>
    keepFigures(tx, actor, { of: 'prices', figures: prices, because }),
)
