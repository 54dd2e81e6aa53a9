import { z } from 'zod'
import { type Prior, PRIORS } from './levels'
import { writtenText } from '../quantity/text'
import { REPORTED_COMPLAINTS } from '../vehicle/complaint'

/** How common something is, in the words of the book, from the most to the least. */
export const PRIOR_NAMES = Object.keys(PRIORS) as [Prior, ...Prior[]]

/** Minutes that a shop may say a check, or a repair, takes by hand. */
export const SHOP_MINUTES = { min: 1, max: 1200 } as const
const minutes = z.number().int().min(SHOP_MINUTES.min).max(SHOP_MINUTES.max)
const id = writtenText(60).min(1)
const reported = z.enum(REPORTED_COMPLAINTS)

/** What a shop's lead has otherwise than the book. Ids that a later book no longer knows say nothing. */
export const shopBook = z.strictObject({
  /** how common faults are behind a complaint */
  priors: z.partialRecord(reported, z.record(id, z.enum(PRIOR_NAMES))).optional(),
  /** minutes of hands-on work of a repair, by its fault */
  repairMinutes: z.record(id, minutes).optional(),
  /** minutes of hands-on work of a check, without what must be taken off for it */
  checkMinutes: z.record(id, minutes).optional(),
})
export type ShopBook = z.infer<typeof shopBook>

/** Minutes that a shop's checks take, by check. */
export type CheckMinutes = NonNullable<ShopBook['checkMinutes']>

/** One entry set by the lead, or given back to the book where `to` is null. */
export const shopBookChange = z
  .discriminatedUnion('of', [
    z.strictObject({
      of: z.literal('prior'),
      fault: id,
      complaint: reported,
      to: z.enum(PRIOR_NAMES).nullable(),
      because: writtenText(300).optional(),
    }),
    z.strictObject({
      of: z.literal('repair'),
      fault: id,
      to: minutes.nullable(),
      because: writtenText(300).optional(),
    }),
    z.strictObject({
      of: z.literal('check'),
      check: id,
      to: minutes.nullable(),
      because: writtenText(300).optional(),
    }),
  ])
  .refine(({ to, because }) => to === null || Boolean(because?.trim()), {
    message: 'say why the shop has it otherwise',
    path: ['because'],
  })
export type ShopBookChange = z.infer<typeof shopBookChange>

/** One time that an entry was set: what, when, and by whom. */
export interface ShopBookSet {
  change: ShopBookChange
  at: string
  by: string
}

/**
 * A shop's book after a change; what is as the product has it is not in it.
 * @example changedBook({}, { of: 'check', check: 'cap', to: 20, because: 'Two caps' }) // { checkMinutes: { cap: 20 } }
 */
export function changedBook(own: ShopBook, change: ShopBookChange): ShopBook {
  const { priors, repairMinutes, checkMinutes } = own
  const { of, to } = change
  return withoutEmpty({
    priors: of === 'prior' ? changedPriors(priors, change) : priors,
    repairMinutes: of === 'repair' ? entriesWith(repairMinutes, change.fault, to) : repairMinutes,
    checkMinutes: of === 'check' ? entriesWith(checkMinutes, change.check, to) : checkMinutes,
  })
}

function changedPriors(
  priors: ShopBook['priors'] = {},
  { complaint, fault, to }: Extract<ShopBookChange, { of: 'prior' }>,
): ShopBook['priors'] {
  const own = entriesWith(priors[complaint], fault, to)
  return withoutEmpty({ ...priors, [complaint]: own })
}

/** The entries with one set, or without it. */
function entriesWith<T>(
  entries: Readonly<Record<string, T>> | undefined,
  key: string,
  to: T | null,
): Record<string, T> {
  const { [key]: _, ...others } = entries ?? {}
  return to === null ? others : { ...others, [key]: to }
}

/** The same without fields that hold nothing. */
const withoutEmpty = <T extends object>(all: T): T =>
  Object.fromEntries(
    Object.entries(all).filter(([, part]) => part && Object.keys(part).length > 0),
  ) as T
