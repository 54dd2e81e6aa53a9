import type { Complaint } from '../vehicle/complaint'

/** Shop experience: how many closed cases of one complaint were confirmed, and as what. */
export interface ShopCounts {
  cases: number
  confirmed: Readonly<Record<string, number>>
}

/** What a shop has confirmed, complaint by complaint. */
export type ShopExperience = Readonly<Partial<Record<Complaint, ShopCounts>>>

/** The book's prior weighs as much as this many of the shop's own confirmed cases. */
export const BOOK_WEIGHT_CASES = 40
/** No shop's cases make a prior more than so many times what the book says, or less than that part of it. */
export const MOST_MOVED = 3

/**
 * A prior moved by the shop's confirmed cases, 0 to 1: (W·p + confirmed) / (W + cases), the posterior mean under a beta
 * prior that is worth W = 40 cases, and never more than a factor of three from what the book says.
 * @example movedPrior(0.1, 'pump-seal-leak', { cases: 40, confirmed: { 'pump-seal-leak': 12 } }) // 0.2
 */
export function movedPrior(written: number, fault: string, shop: ShopCounts | undefined): number {
  if (!shop) return written
  const moved =
    (BOOK_WEIGHT_CASES * written + (shop.confirmed[fault] ?? 0)) / (BOOK_WEIGHT_CASES + shop.cases)
  return Math.min(written * MOST_MOVED, Math.max(written / MOST_MOVED, moved))
}
