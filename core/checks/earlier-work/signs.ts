import type { SignReading } from '../../inference/sign-reading'
import { helpedBy } from '../../knowledge/renewals'
import { message } from '../../quantity/message'
import type { HoldTold, Renewed } from './record'

/** How far what is told of work is right: done here, by another trade hand, by the keeper, by nobody knows whom. */
const TRUST: Readonly<Record<Renewed['by'], number>> = {
  'this-shop': 0.93,
  'another-shop': 0.88,
  keeper: 0.8,
  'not-known': 0.75,
}

/** How often each is told where the new part had cured it, and where it could not. */
const AFTER = {
  unchanged: { no: 0.8, yes: 0.05 },
  better: { no: 0.08, yes: 0.6 },
  'came-back': { no: 0.1, yes: 0.2 },
} as const

/** A name without hyphens: choices of a sentence have none. */
const inOneWord = (id: string) => id.replace(/-(.)/g, (_, first: string) => first.toUpperCase())

/**
 * @example signsOf(renewedSigns('r', example('earlier-work.renewed'))) // 'helped-by-new-thermostat'
 */
export function renewedSigns(source: string, record: Renewed): SignReading[] {
  if (record.complaintAfter === 'not-known') return []
  return [
    {
      source,
      sign: helpedBy(record.part),
      likelihood: AFTER[record.complaintAfter],
      validity: TRUST[record.by],
      conditions: source,
      says: message(`says.earlierWork.${record.complaintAfter}`, {
        renewed: inOneWord(`new-${record.part}`),
      }),
    },
  ]
}

/** How often each word is used of a hold, by what the system does. A word carries less than the slowest measured fall. */
const HOLD_WORDS = {
  held: { tight: 0.85, seep: 0.4, leak: 0.05, gross: 0.005 },
  'crept-down': { tight: 0.1, seep: 0.45, leak: 0.3, gross: 0.04 },
  fell: { tight: 0.04, seep: 0.12, leak: 0.5, gross: 0.2 },
  'fell-at-once': { tight: 0.006, seep: 0.02, leak: 0.1, gross: 0.45 },
  'could-not-be-pressed': { tight: 0.004, seep: 0.01, leak: 0.05, gross: 0.3 },
} as const

/**
 * @example signsOf(holdToldSigns('r', example('earlier-work.hold'))) // 'hold-cold'
 */
export const holdToldSigns = (source: string, record: HoldTold): SignReading[] => [
  {
    source,
    sign: 'hold-cold',
    likelihood: HOLD_WORDS[record.told],
    validity: TRUST[record.by],
    conditions: `hold told: ${record.by}`,
    says: message(`says.holdTold.${record.told}`),
  },
]
