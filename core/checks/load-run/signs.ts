import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { LoadRunAnalysis } from './analysis'
import type { LoadRun } from './record'

const HOT = { no: { mean: 6, sd: 5 }, yes: { low: 12, high: 50 } } as const

/**
 * What the keeper told, now measured: the same signs by another source.
 * @example signsOf(loadRunSigns('r', example('load-run.run'), analyseLoadRun(example('load-run.run'), CONTEXT)))
 *   // 'hot-at-idle hot-at-load never-warms load-beyond margin-thin'
 */
export function loadRunSigns(source: string, run: LoadRun, a: LoadRunAnalysis): SignReading[] {
  const out: SignReading[] = []
  const error = a.ratingAssumed ? 5 : 2.5
  const above = (kinds: readonly (keyof LoadRunAnalysis['aboveRatingK'])[]) =>
    Math.max(...kinds.map((k) => a.aboveRatingK[k] ?? -Infinity))
  const measured = (sign: string, value: number, validity: number) => {
    if (Number.isFinite(value))
      out.push(
        measuredReading({
          source: `${source}#${sign}`,
          sign,
          value,
          error,
          given: HOT,
          validity,
          conditions: 'load run',
          says: message(`says.run.${sign}`, {
            difference: { kind: 'temperatureDifference', coreValue: value },
          }),
        }),
      )
  }
  measured('hot-at-idle', above(['idle', 'town']), 0.9)
  measured('hot-at-load', above(['cruise', 'climb']), 0.9)
  const plain = (
    sign: string,
    seen: boolean,
    whenPresent: number,
    whenAbsent: number,
    says: string,
    validity = 0.88,
  ) =>
    out.push(
      binaryReading(
        `${source}#${sign}`,
        sign,
        seen,
        { whenPresent, whenAbsent },
        message(says),
        validity,
      ),
    )
  const moving = run.segments.filter((s) => s.kind === 'cruise' && s.minutes >= 5)
  if (moving.length > 0) {
    const mean =
      moving.reduce((s, x) => s + x.meanC * x.minutes, 0) /
      moving.reduce((s, x) => s + x.minutes, 0)
    out.push(
      measuredReading({
        source: `${source}#cool`,
        sign: 'never-warms',
        value: a.ratingC - mean,
        error: error + 1,
        given: { no: { mean: -1, sd: 4 }, yes: { low: 9, high: 60 } },
        validity: 0.9,
        conditions: 'load run',
        says: message('says.run.cruise', { temperature: { kind: 'temperature', coreValue: mean } }),
      }),
    )
  }
  if (run.coolsWithAirConditioningOff !== 'not-known' && a.overheats.length > 0)
    plain(
      'hot-with-ac',
      run.coolsWithAirConditioningOff === 'yes',
      0.8,
      0.35,
      `says.acOff.${run.coolsWithAirConditioningOff}`,
    )
  if (run.segments.some((s) => s.load !== 'not-known'))
    plain(
      'load-beyond',
      a.beyondRating,
      0.9,
      0.05,
      a.beyondRating ? 'says.loadBeyond' : 'says.loadWithin',
      0.92,
    )
  if (a.overheats.length > 0 || a.leastMarginK < 12)
    plain('margin-thin', a.leastMarginK < 12, 0.75, 0.25, 'says.marginThin')
  return out
}
