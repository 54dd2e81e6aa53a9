import { livesSet, ownLives } from '#core'
import { keepFigures } from '../../utils/keep-figures'
import { defineShopSetting } from '../../utils/shop-setting'

/** How long components last in this shop's vehicles; the product's own where nothing is said. */
export default defineShopSetting(
  'set-shop',
  'lives-set',
  livesSet,
  ({ lives }) => ({ lives: ownLives(lives) }),
  (tx, { lives, because }, actor) =>
    keepFigures(tx, actor, { of: 'lives', figures: ownLives(lives), because }),
)
