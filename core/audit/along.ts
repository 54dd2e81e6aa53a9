import { ACCESS } from '../knowledge/access'
import { message } from '../quantity/message'
import { asPrice, type DraftLine, labourHours } from '../quote/draft'
import type { ShopPrices } from '../quote/prices'
import { type AuditRow, LEAST_SAVED } from './audit'
import { COMPONENTS, CONSEQUENCE_HOURS } from './components'

/** A component that is best renewed with a repair, since what must be opened for it is open then. */
export interface Along {
  row: AuditRow
  /** what it adds to the repair, part and labour, in hours of the shop's labour */
  addsHours: number
  /** what it would cost by itself another day, h */
  aloneHours: number
}

const MOST = 4

/**
 * Components whose renewal shares labour with these repairs, what is worth most for what it adds first: shared work is
 * counted once, and what the repairs renew already is not named.
 * @example alongWith([], []).length // 0
 */
export function alongWith(causes: readonly string[], rows: readonly AuditRow[]): Along[] {
  const opened = ACCESS.filter(({ faults }) => faults.some((fault) => causes.includes(fault)))
  return rows
    .filter(({ part }) => !COMPONENTS[part].renewedWith.some((fault) => causes.includes(fault)))
    .flatMap((row): Along[] => {
      const sharedMinutes = opened
        .filter(({ faults }) => faults.includes(row.fault.id))
        .reduce((sum, { minutes }) => sum + minutes, 0)
      if (sharedMinutes === 0) return []
      return [{ row, addsHours: row.costHours - sharedMinutes / 60, aloneHours: row.costHours }]
    })
    .filter((along) => savedFor(along) >= LEAST_SAVED)
    .sort((a, b) => savedFor(b) - savedFor(a))
    .slice(0, MOST)
}

/** The lines of a quote by which it is advised: its part, and the labour that it adds. */
export function adviceLines({ row, addsHours }: Along, prices: ShopPrices): DraftLine[] {
  const { partHours } = row.fault.cost
  const need = 'advised' as const
  const part: DraftLine = {
    kind: 'part',
    unit: 'piece',
    quantity: 1,
    unitPrice: asPrice(partHours * prices.hourlyRate, prices.currency),
    need,
    says: message(`audit.part.${row.part}`),
  }
  const labour: DraftLine = {
    kind: 'labour',
    unit: 'hour',
    quantity: labourHours((addsHours - partHours) * 60),
    unitPrice: prices.hourlyRate,
    need,
    says: message('quote.along.labour', { part: message(`audit.part.${row.part}`) }),
  }
  return partHours > 0 ? [part, labour] : [labour]
}

/** Hours a year that are expected to be saved for each hour that it adds. */
const savedFor = ({ row, addsHours }: Along) =>
  (row.risk * CONSEQUENCE_HOURS[row.consequence]) / Math.max(addsHours, 1 / 60)
