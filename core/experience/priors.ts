import { movedPriors, type ShopCounts } from '../inference/shop-prior'
import { BOOK } from '../knowledge/book'
import { bookWith } from '../knowledge/book-with'
import { writtenPrior } from '../knowledge/priors'
import type { Fault } from '../knowledge/types'
import type { ShopBook } from '../knowledge/shop-book'
import type { Complaint } from '../vehicle/complaint'

/**
 * What the book, or the shop's lead in its place, says of a fault behind a complaint, and what the shop's cases make of
 * it.
 */
export interface PriorMoved {
  fault: string
  name: string
  /** 0 to 1 */
  written: number
  moved: number
  confirmed: number
}

/** The same of every fault of the book. */
function everyPrior(complaint: Complaint, shop: ShopCounts, own?: ShopBook): PriorMoved[] {
  const { faults } = bookWith(own)
  const sum = (list: readonly Fault[]) =>
    list.reduce((total, fault) => total + writtenPrior(fault, complaint), 0)
  // What the lead makes commoner makes the others rarer, as in the ranking.
  const share = sum(BOOK.faults) / sum(faults)
  const written = faults.map((fault) => share * writtenPrior(fault, complaint))
  const ids = faults.map(({ id }) => id)
  const moved = movedPriors(written, ids, shop)
  return faults.map(({ id, name }, f) => ({
    fault: id,
    name,
    written: written[f]!,
    moved: moved[f]!,
    confirmed: shop.confirmed[id] ?? 0,
  }))
}

/**
 * Faults that the shop has confirmed behind a complaint, the one moved most first.
 * @example priorsMoved('overheats', { cases: 10, confirmed: { 'cap-weak': 4 } })[0].confirmed // 4
 */
export function priorsMoved(complaint: Complaint, shop: ShopCounts, own?: ShopBook): PriorMoved[] {
  return everyPrior(complaint, shop, own)
    .filter(({ confirmed }) => confirmed > 0)
    .sort((a, b) => Math.abs(b.moved - b.written) - Math.abs(a.moved - a.written))
}

/** The same of one fault; undefined where it is none of the book's, or the shop has confirmed nothing behind the complaint. */
export function priorHere(
  id: string,
  complaint: Complaint,
  shop: ShopCounts | undefined,
  own?: ShopBook,
): PriorMoved | undefined {
  return shop && shop.cases > 0
    ? everyPrior(complaint, shop, own).find(({ fault }) => fault === id)
    : undefined
}
