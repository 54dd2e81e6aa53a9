import { BOOK, changedBook, isCheckId, shopBookChange } from '#core'
import { shopBookSet } from '../../database/schema'
import { defineShopSetting } from '../../utils/shop-setting'

const isOfTheBook = (fault: string) => BOOK.faults.some(({ id }) => id === fault)
/** An entry of something that this book has. */
const known = shopBookChange.refine((change) =>
  change.of === 'check' ? isCheckId(change.check) : isOfTheBook(change.fault),
)

/** One entry of the book as the shop's lead has it; every time that one is set is kept. */
export default defineShopSetting(
  'set-shop',
  'book-set',
  known,
  (change, { book }) => ({ book: changedBook(book ?? {}, change) }),
  (tx, change, { shopId, personId }) =>
    tx.insert(shopBookSet).values({ shopId, by: personId, change }),
)
