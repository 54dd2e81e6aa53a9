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

/** So often the share between what was counted and what is allowed is halved until nothing changes any more. */
const HALVINGS = 60

/**
 * Priors moved by a shop's confirmed cases, in the order given. The complaint is there, and something explains it as often
 * as before: cases say what it is, not how many things it is at once. So what counting makes of each is multiplied by one
 * number, and kept within a factor of three of the book, such that all together have what the book gives them; without
 * that, one cause confirmed again and again would take from all others what it may not have itself, until too little is
 * left for any set of faults to explain the complaint.
 */
export function movedPriors(
  written: readonly number[],
  faults: readonly string[],
  shop: ShopCounts | undefined,
): number[] {
  if (!shop || shop.cases === 0) return [...written]
  const counted = written.map((p, f) => movedPrior(p, faults[f]!, shop))
  const sum = (list: readonly number[]) => list.reduce((total, p) => total + p, 0)
  const wanted = sum(written)
  const times = (factor: number) => counted.map((p, f) => within(written[f]!, factor * p))
  let [low, high] = [1 / MOST_MOVED ** 2, MOST_MOVED ** 2]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = Math.sqrt(low * high)
    if (sum(times(middle)) < wanted) low = middle
    else high = middle
  }
  return times(high)
}

const within = (written: number, moved: number): number =>
  Math.min(written * MOST_MOVED, Math.max(written / MOST_MOVED, moved))

/**
 * A prior moved by the shop's confirmed cases, 0 to 1: (W·p + confirmed) / (W + cases), the posterior mean under a beta
 * prior that is worth W = 40 cases, and never more than a factor of three from what the book says.
 * @example movedPrior(0.1, 'pump-seal-leak', { cases: 40, confirmed: { 'pump-seal-leak': 12 } }) // 0.2
 */
export function movedPrior(written: number, fault: string, shop: ShopCounts | undefined): number {
  if (!shop) return written
  const moved =
    (BOOK_WEIGHT_CASES * written + (shop.confirmed[fault] ?? 0)) / (BOOK_WEIGHT_CASES + shop.cases)
  return within(written, moved)
}
