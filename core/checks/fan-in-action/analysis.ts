import { correctedValue } from '../../quantity/record'
import { knownValue, type SystemProfile } from '../../vehicle/profile'
import type { FanInAction } from './record'

/** When no figure is known: most electric fans start between 92 and 108 °C at their place. */
const START_DEFAULT_C = { mean: 100, sd: 5 } as const

/** As sure as this the place that switches it was hot enough: a fan that stands was called for. */
export const HOT_ENOUGH = 0.5

export interface FanActionAnalysis {
  state:
    | 'works'
    | 'late'
    | 'never'
    | 'second-never'
    | 'always-on'
    | 'proves-motor-only'
    | 'not-called-for'
  hysteresisK?: number
  /** start less what is specified, K */
  lateByK?: number
  /** how sure it is that the place that switches it was hot enough */
  placeHot: number
}

/** Where the fan that was watched should start, °C: as the record says, else as the vehicle's profile does. */
function specifiedC({ shouldStartAt, which }: FanInAction, profile: SystemProfile) {
  if (shouldStartAt) return correctedValue(shouldStartAt)
  return knownValue(which === 'second' ? profile.secondFanOnC : profile.fanOnC)
}

/**
 * @example analyseFanAction(example('fan-in-action.watch'), CONTEXT.profile).state // 'always-on'
 */
export function analyseFanAction(record: FanInAction, profile: SystemProfile): FanActionAnalysis {
  const specC = specifiedC(record, profile)
  const sd = specC === undefined ? START_DEFAULT_C.sd : 2.5
  const wanted = specC ?? START_DEFAULT_C.mean
  const placeHot =
    record.switchingPlace === undefined
      ? 0.3
      : 1 / (1 + Math.exp(-1.7 * ((correctedValue(record.switchingPlace) - wanted) / sd)))
  const out: FanActionAnalysis = { state: 'works', placeHot }
  const start = record.startedAt && correctedValue(record.startedAt)
  const stop = record.stoppedAt && correctedValue(record.stoppedAt)
  if (start !== undefined && stop !== undefined) out.hysteresisK = start - stop
  if (start !== undefined) out.lateByK = start - wanted
  const isSecond = record.which === 'second'
  const never = isSecond ? 'second-never' : 'never'
  if (record.airConditioning === 'on')
    // Not every second fan runs with air conditioning: one that stands then was not called for.
    out.state = record.ran !== 'no' ? 'proves-motor-only' : isSecond ? 'not-called-for' : 'never'
  else if (record.ran === 'always') out.state = 'always-on'
  else if (record.ran === 'no') out.state = placeHot > HOT_ENOUGH ? never : 'not-called-for'
  else if (!isSecond && out.lateByK !== undefined && out.lateByK > 2.5 * sd) out.state = 'late'
  return out
}
