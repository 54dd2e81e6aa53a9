import { ACCESS, coolantShare } from '../knowledge/access'
import type { Fault } from '../knowledge/types'
import { message, type Message } from '../quantity/message'
import { knownValue, type SystemProfile } from '../vehicle/profile'
import { decimalsOf } from './money'
import type { ShopPrices } from './prices'
import type { QuoteLine } from './record'
import { minutesOf, type WayId, wayOf } from './ways'

/** A line before its words are formed. */
export type DraftLine = Omit<QuoteLine, 'text'> & { says: Message }

/** Lines for some causes, and what could not be reckoned. */
export interface Draft {
  lines: DraftLine[]
  open: Message[]
}

interface DraftAround {
  profile: SystemProfile
  prices: ShopPrices
  /** how each fault is put right; with a new part where nothing is said */
  ways?: Readonly<Partial<Record<string, WayId>>>
  /** how far new head bolts belong to the repair */
  bolts?: QuoteLine['need'] | undefined
}

/** Half-and-half, where nobody wrote down what is wanted. */
const WANTED_FRACTION = 0.5
/** Labour is asked for by the tenth of an hour. */
const TENTHS = 10
/** A set of head bolts, in hours of labour as the book's parts are. Judgement. */
const BOLTS_HOURS = 0.8
/** Below this a can is opened all the same. */
const LEAST_LITRES = 0.1

/** Hours of labour as they are asked for: tenths, and never none. */
export const labourHours = (minutes: number) =>
  Math.max(1, Math.round((minutes / 60) * TENTHS)) / TENTHS
/** An amount with the digits of its currency. */
export const asPrice = (amount: number, currency: string) =>
  Number(amount.toFixed(decimalsOf(currency)))

/**
 * Lines of a quote for these causes: a part each, its own labour, what several share once, new head bolts where
 * they belong to it, and the coolant that runs out, as concentrate and water of the wanted strength. Parts are priced at the book's hours until somebody types a price.
 * @example draftLines([], { profile: {}, prices }).lines.length // 0
 */
export function draftLines(
  causes: readonly Fault[],
  { profile, prices, ways = {}, bolts }: DraftAround,
): Draft {
  const ids = causes.map(({ id }) => id)
  const opened = ACCESS.filter((access) => access.faults.some((fault) => ids.includes(fault)))
  const labour = { kind: 'labour', unit: 'hour', unitPrice: prices.hourlyRate } as const
  const lines: DraftLine[] = causes.flatMap((fault): DraftLine[] => {
    const way = wayOf(fault.id, ways[fault.id])
    const need = 'needed'
    const partPrice = fault.cost.partHours * way.partShare * prices.hourlyRate
    const part: DraftLine = {
      kind: 'part',
      unit: 'piece',
      fault: fault.id,
      quantity: 1,
      unitPrice: asPrice(partPrice, prices.currency),
      need,
      says: message(`quote.line.part.${way.id}`, { fault: fault.name }),
    }
    return [
      ...(fault.cost.partHours > 0 ? [part] : []),
      {
        ...labour,
        fault: fault.id,
        quantity: labourHours(minutesOf(fault).own * way.labourShare),
        need,
        says: message('quote.line.labour', { fault: fault.name }),
      },
    ]
  })
  for (const access of opened)
    lines.push({
      ...labour,
      quantity: labourHours(access.minutes),
      need: 'needed',
      says: message(`quote.access.${access.id}`),
    })
  if (bolts)
    lines.push({
      kind: 'part',
      unit: 'piece',
      quantity: 1,
      unitPrice: asPrice(BOLTS_HOURS * prices.hourlyRate, prices.currency),
      need: bolts,
      says: message('quote.line.bolts'),
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
