import { ACCESS, coolantShare } from '../knowledge/access'
import type { Fault } from '../knowledge/types'
import { message, type Message } from '../quantity/message'
import { knownValue, type SystemProfile } from '../vehicle/profile'
import { decimalsOf } from './money'
import type { ShopPrices } from './prices'
import type { QuoteLine } from './record'

/** A line before its words are formed. */
export type DraftLine = Omit<QuoteLine, 'text'> & { says: Message }

/** Lines for some causes, and what could not be reckoned. */
export interface Draft {
  lines: DraftLine[]
  open: Message[]
}

/** Half-and-half, where nobody wrote down what is wanted. */
const WANTED_FRACTION = 0.5
/** Labour is asked for by the tenth of an hour. */
const TENTHS = 10
/** Below this a can is opened all the same. */
const LEAST_LITRES = 0.1

const hours = (minutes: number) => Math.max(1, Math.round((minutes / 60) * TENTHS)) / TENTHS
const price = (amount: number, currency: string) => Number(amount.toFixed(decimalsOf(currency)))

/**
 * Lines of a quote for these causes: a part each, its own labour, what several share once, and the coolant that runs out,
 * as concentrate and water of the wanted strength. Parts are priced at the book's hours until somebody types a price.
 * @example draftLines([], { profile: {}, prices }).lines.length // 0
 */
export function draftLines(
  causes: readonly Fault[],
  { profile, prices }: { profile: SystemProfile; prices: ShopPrices },
): Draft {
  const ids = causes.map(({ id }) => id)
  const opened = ACCESS.filter((access) => access.faults.some((fault) => ids.includes(fault)))
  const own = ({ id, cost }: Fault) =>
    cost.minutes -
    opened.reduce((sum, { faults, minutes }) => sum + (faults.includes(id) ? minutes : 0), 0)
  const labour = { kind: 'labour', unit: 'hour', unitPrice: prices.hourlyRate } as const
  const lines: DraftLine[] = causes.flatMap((fault): DraftLine[] => [
    ...(fault.cost.partHours > 0
      ? [
          {
            kind: 'part' as const,
            unit: 'piece' as const,
            fault: fault.id,
            quantity: 1,
            unitPrice: price(fault.cost.partHours * prices.hourlyRate, prices.currency),
            need: 'needed' as const,
            says: message('quote.line.part', { fault: fault.name }),
          },
        ]
      : []),
    {
      ...labour,
      fault: fault.id,
      quantity: hours(own(fault)),
      need: 'needed',
      says: message('quote.line.labour', { fault: fault.name }),
    },
  ])
  for (const access of opened)
    lines.push({
      ...labour,
      quantity: hours(access.minutes),
      need: 'needed',
      says: message(`quote.access.${access.id}`),
    })
  const coolant = coolantLines(ids, profile, prices)
  return { lines: [...lines, ...coolant.lines], open: coolant.open }
}

function coolantLines(
  faults: readonly string[],
  profile: SystemProfile,
  prices: ShopPrices,
): Draft {
  const share = coolantShare(faults)
  if (share === 0) return { lines: [], open: [] }
  const capacity = knownValue(profile.capacityLitres)
  if (capacity === undefined) return { lines: [], open: [message('quote.capacityNotKnown')] }
  const fraction = knownValue(profile.glycolVolumeFraction) ?? WANTED_FRACTION
  const line = (litres: number, unitPrice: number, id: string): DraftLine[] =>
    litres < LEAST_LITRES
      ? []
      : [
          {
            kind: 'material',
            unit: 'litre',
            quantity: Math.ceil(litres * TENTHS - 1e-9) / TENTHS,
            unitPrice,
            need: 'needed',
            says: message(id),
          },
        ]
  const litres = capacity * share
  return {
    lines: [
      ...line(litres * fraction, prices.concentratePerLitre, 'quote.line.concentrate'),
      ...line(litres * (1 - fraction), prices.waterPerLitre, 'quote.line.water'),
    ],
    open: [],
  }
}
