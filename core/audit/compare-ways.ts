import type { Fault } from '../knowledge/types'
import { asPrice } from '../quote/draft'
import type { ShopPrices } from '../quote/prices'
import { minutesOf, type Way, waysOf } from '../quote/ways'
import type { SystemProfile } from '../vehicle/profile'
import { COMPONENTS } from './components'
import { AUDIT_PARTS, lifeOf, type ShopLives } from './lives'

/** A way as it stands beside the others. */
export interface WayCompared extends Way {
  /** by itself and without tax, in the shop's currency */
  price: number
  /** nothing where no life of the part is known */
  lastsYears?: number
  pricePerYear?: number
}

/**
 * The ways of a fault beside each other: what each costs by itself, how long it lasts, and what that is a year.
 * A part is priced at the book's hours of the shop's labour; lives are the shop's.
 */
export function compareWays(
  fault: Fault,
  { prices, lives, profile }: { prices: ShopPrices; lives: ShopLives; profile: SystemProfile },
): WayCompared[] {
  const { own, shared } = minutesOf(fault)
  const part = AUDIT_PARTS.find((one) => COMPONENTS[one].renewedWith.includes(fault.id))
  const years = part && lifeOf(part, profile, lives).years
  return waysOf(fault.id).map((way) => {
    const hours = (own * way.labourShare + shared) / 60 + fault.cost.partHours * way.partShare
    const price = asPrice(hours * prices.hourlyRate, prices.currency)
    if (years === undefined) return { ...way, price }
    const lastsYears = years * way.lifeShare
    return { ...way, price, lastsYears, pricePerYear: price / lastsYears }
  })
}
