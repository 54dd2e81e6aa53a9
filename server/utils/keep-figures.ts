import type { FiguresSet } from '#core'
import type { Actor } from '../auth/actor'
import type { Transaction } from '../database/edge'
import { shopFiguresSet } from '../database/schema'

/** Writes down that figures of a shop were set, in the transaction that sets them. */
export const keepFigures = (tx: Transaction, { shopId, personId }: Actor, set: FiguresSet) =>
  tx.insert(shopFiguresSet).values({ shopId, by: personId, set })
