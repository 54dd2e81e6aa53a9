import { message, type Message } from '../../quantity/message'
import type { SignReading } from '../../inference/sign-reading'
import { measuredLikelihood } from '../measured'
import type { WarmUpAnalysis } from './analysis'

export const celsius = (coreValue: number) => ({ kind: 'temperature' as const, coreValue })

/** How far from what is expected of it a thermostat opens, K. */
const OFF_RATING_K = {
  normal: { mean: 0, sd: 1.5 },
  late: { low: 4, high: 30 },
  early: { low: -40, high: -4 },
} as const

/** What a thermostat that opened says where nothing tells how hot it should have been: of late and early little. */
const OPENED_AT_ALL = {
  late: { normal: 1, late: 0.8, never: 0.0004 },
  early: { no: 1, early: 0.8, 'from-start': 0.001 },
} as const
const NEVER = {
  late: { normal: 0.01, late: 0.15, never: 0.95 },
  early: { no: 0.95, early: 0.02, 'from-start': 0.002 },
} as const
const FROM_START = {
  late: { normal: 0.9, late: 0.03, never: 0.002 },
  early: { no: 0.02, early: 0.3, 'from-start': 0.92 },
} as const

/**
 * What a run says of when the thermostat opened: never, from the start, so far from its rating, or, where the rating
 * or the thermostat's side is not known, only that it did. A side that is not known is asked and nothing is
 * concluded from it.
 * @example openingSigns('r', analyseWarmUp({}, [], CONTEXT), 0.9).length // 0
 */
export function openingSigns(source: string, a: WarmUpAnalysis, validity: number): SignReading[] {
  const both = (
    likelihoods: { late: SignReading['likelihood']; early: SignReading['likelihood'] },
    says: Message,
  ): SignReading[] =>
    (['late', 'early'] as const).map((which) => ({
      source: `${source}#${which}`,
      sign: `opening-${which}`,
      likelihood: likelihoods[which],
      validity,
      conditions: 'warm-up run',
      says,
    }))
  if (a.neverOpened)
    return both(NEVER, message('says.neverOpened', { temperature: celsius(a.hottestC!) }))
  if (a.openFromStart) return both(FROM_START, message('says.openFromStart'))
  if (!a.opening) return []
  const at = celsius(a.opening.engineC)
  if (a.opening.offRatingK === undefined || a.side === 'not-known')
    return both(OPENED_AT_ALL, message('says.openedAt', { temperature: at }))
  const given = measuredLikelihood(
    a.opening.offRatingK - a.opening.expectedK,
    a.opening.errorK,
    OFF_RATING_K,
  )
  return both(
    {
      late: { normal: given.normal! + 0.3 * given.early!, late: given.late!, never: 0.0004 },
      early: { no: given.normal! + 0.3 * given.late!, early: given.early!, 'from-start': 0.001 },
    },
    message('says.opened', { temperature: at, rating: celsius(a.ratingC!) }),
  )
}
