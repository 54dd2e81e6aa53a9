import { z } from 'zod'
import { defineShopSetting } from '../../utils/shop-setting'

const body = z.strictObject({ uses: z.boolean() })

/** Whether the shop's confirmed cases move the book's priors. */
export default defineShopSetting('set-shop', 'experience-set', body, ({ uses }) => ({
  usesExperience: uses,
}))
