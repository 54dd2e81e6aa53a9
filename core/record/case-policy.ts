import type { z } from 'zod'
import { type ShopBook, shopBook } from '../knowledge/shop-book'
import { DEFAULT_POLICY, shopPolicy } from '../vehicle/policy'
import type { ShopWays } from '../vehicle/shop-ways'

/**
 * All that a case is judged by where shops differ: what they decide, and what their leads have otherwise than the book.
 */
export const casePolicy = shopPolicy.extend({ book: shopBook.optional() })
export type CasePolicy = z.infer<typeof casePolicy>

/**
 * The same of a shop, from what its lead has set; undefined where he has set nothing.
 * @example policyOfShop(undefined, {}) // undefined
 */
export function policyOfShop(
  ways: ShopWays | undefined,
  book: ShopBook | undefined,
): CasePolicy | undefined {
  const own = book && Object.keys(book).length > 0 ? { book } : undefined
  return ways || own ? { ...(ways?.policy ?? DEFAULT_POLICY), ...own } : undefined
}
