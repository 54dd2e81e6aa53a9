import { z } from 'zod'
import { writtenText } from '../quantity/text'
import { DEFAULT_POLICY, POLICIES, type Policy, shopPolicy } from './policy'

/** Signs of a shop's name, of which a longer one is cut. */
export const MOST_OF_A_SHOP_NAME = 80
/** Elevations at which somebody could have a shop, m. */
export const ELEVATION_METRES = { min: -430, max: 6000 } as const

/** Whether a shop decides anything otherwise than the product does. */
export const isDefaultPolicy = (policy: Policy): boolean =>
  (Object.keys(DEFAULT_POLICY) as (keyof typeof DEFAULT_POLICY)[]).every(
    (field) => (policy[field] ?? DEFAULT_POLICY[field]) === DEFAULT_POLICY[field],
  )

/** How a shop works: the school whose way is shown first, and what it decides where practitioners differ. */
export const shopWays = z
  .strictObject({
    school: z.enum(POLICIES),
    policy: shopPolicy,
    /** why it decides otherwise than the product */
    because: writtenText(300).optional(),
  })
  .refine(({ policy, because }) => isDefaultPolicy(policy) || Boolean(because?.trim()), {
    message: 'say why the shop decides otherwise',
    path: ['because'],
  })
export type ShopWays = z.infer<typeof shopWays>

/** A shop's name, where it stands, and how it works; cases opened before keep their elevation. */
export const shopSettings = z.strictObject({
  name: writtenText(MOST_OF_A_SHOP_NAME).min(1),
  elevationMetres: z.number().min(ELEVATION_METRES.min).max(ELEVATION_METRES.max),
  ways: shopWays,
})
export type ShopSettings = z.infer<typeof shopSettings>

/** One time that they were set: what, when, and by whom. */
export interface SettingsChange extends ShopSettings {
  at: string
  by: string
}
