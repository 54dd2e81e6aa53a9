import { movedPrior, type ShopCounts } from '../inference/shop-prior'
import { BOOK } from '../knowledge/book'
import { writtenPrior } from '../knowledge/priors'
import type { Fault } from '../knowledge/types'
import type { Complaint } from '../vehicle/complaint'

/** What the book says of a fault behind a complaint, and what the shop's cases make of it. */
export interface PriorMoved {
  fault: string
  name: string
  /** 0 to 1 */
  written: number
  moved: number
  confirmed: number
}

const priorMoved = (fault: Fault, complaint: Complaint, shop: ShopCounts): PriorMoved => {
  const written = writtenPrior(fault, complaint)
  return {
    fault: fault.id,
    name: fault.name,
    written,
    moved: movedPrior(written, fault.id, shop),
    confirmed: shop.confirmed[fault.id] ?? 0,
  }
}

/**
 * Faults that the shop has confirmed behind a complaint, the one moved most first.
 * @example priorsMoved('overheats', { cases: 10, confirmed: { 'cap-weak': 4 } })[0].confirmed // 4
 */
export function priorsMoved(complaint: Complaint, shop: ShopCounts): PriorMoved[] {
  return BOOK.faults
    .filter(({ id }) => (shop.confirmed[id] ?? 0) > 0)
    .map((fault) => priorMoved(fault, complaint, shop))
    .sort((a, b) => Math.abs(b.moved - b.written) - Math.abs(a.moved - a.written))
}

/** The same of one fault; undefined where it is none of the book's, or the shop has confirmed nothing behind the complaint. */
export function priorHere(
  id: string,
  complaint: Complaint,
  shop: ShopCounts | undefined,
): PriorMoved | undefined {
  const fault = BOOK.faults.find((one) => one.id === id)
  return fault && shop && shop.cases > 0 ? priorMoved(fault, complaint, shop) : undefined
}
