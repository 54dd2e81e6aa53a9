import { correctedValue } from '../../quantity/record'
import type { FanInAction } from './record'

/** When no figure is known: most electric fans start between 92 and 108 °C at their place. */
const START_DEFAULT_C = { mean: 100, sd: 5 } as const

/** As sure as this the place that switches it was hot enough: a fan that stands was called for. */
export const HOT_ENOUGH = 0.5

export interface FanActionAnalysis {
  state: 'works' | 'late' | 'never' | 'always-on' | 'proves-motor-only' | 'not-called-for'
  hysteresisK?: number
  /** start less what is specified, K */
  lateByK?: number
  /** how sure it is that the place that switches it was hot enough */
  placeHot: number
}

/**
 * @example analyseFanAction(example('fan-in-action.watch')).state // 'always-on'
 */
export function analyseFanAction(record: FanInAction): FanActionAnalysis {
  const specC = record.shouldStartAt ? correctedValue(record.shouldStartAt) : undefined
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
  if (record.airConditioning === 'on')
    out.state = record.ran === 'no' ? 'never' : 'proves-motor-only'
  else if (record.ran === 'always') out.state = 'always-on'
  else if (record.ran === 'no') out.state = placeHot > HOT_ENOUGH ? 'never' : 'not-called-for'
  else if (out.lateByK !== undefined && out.lateByK > 2.5 * sd) out.state = 'late'
  return out
}
