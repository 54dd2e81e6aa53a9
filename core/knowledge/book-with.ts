import type { ShopBook } from './shop-book'
import { REPORTED_COMPLAINTS } from '../vehicle/complaint'
import { BOOK } from './book'
import type { Book, Fault } from './types'

/** Books of shops, by what their leads have set. */
const made = new Map<string, Book>()
const MOST_KEPT = 8

/**
 * The book as a shop has it: what its lead set stands in place of what is written, everything else is the book's.
 * @example bookWith(undefined) === BOOK // true
 */
export function bookWith(own: ShopBook | undefined): Book {
  const { priors, repairMinutes } = own ?? {}
  if (!priors && !repairMinutes) return BOOK
  const key = JSON.stringify([priors, repairMinutes])
  const known = made.get(key)
  if (known) return known
  const book = { ...BOOK, faults: BOOK.faults.map((fault) => faultWith(fault, own!)) }
  if (made.size >= MOST_KEPT) made.delete(made.keys().next().value!)
  made.set(key, book)
  return book
}

function faultWith(fault: Fault, { priors, repairMinutes }: ShopBook): Fault {
  const minutes = repairMinutes?.[fault.id]
  const set = REPORTED_COMPLAINTS.flatMap((complaint) => {
    const prior = priors?.[complaint]?.[fault.id]
    return prior ? [[complaint, prior]] : []
  })
  if (minutes === undefined && set.length === 0) return fault
  return {
    ...fault,
    prior: { ...fault.prior, ...Object.fromEntries(set) },
    cost: minutes === undefined ? fault.cost : { ...fault.cost, minutes },
  }
}
