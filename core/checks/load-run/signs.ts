import { correctedValue } from '../../quantity/record'
import { apart, message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { laidBare, type SignReading, readingsInto } from '../../inference/sign-reading'
import type { LoadRunAnalysis } from './analysis'
import type { LoadRun } from './record'

/** A road that asked little of it clears little: below this outside it is cool, °C. */
const COOL_DAY_C = 15

type Segment = LoadRun['segments'][number]

/** How far a road without heat clears: less on a cool day, and where the heater took part of the heat. */
function asked({ ambient }: LoadRun, segments: readonly Segment[]): number {
  const cool = ambient !== undefined && correctedValue(ambient) < COOL_DAY_C
  const helped = segments.some(({ heater }) => heater === 'on')
  return (cool ? 0.75 : 1) * (helped ? 0.8 : 1)
}

const HOT = { no: { mean: 6, sd: 5 }, yes: { low: 12, high: 50 } } as const

/** Hotter by this with the air conditioning on, over the same kind of road, is more than chance, K. */
const MORE_WITH_AC_K = 6

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
  const ofKinds = (kinds: readonly Segment['kind'][]) =>
    run.segments.filter(({ kind }) => kinds.includes(kind))
  const measured = (sign: string, kinds: readonly Segment['kind'][]) => {
    const value = above(kinds)
    const validity = value < HOT.yes.low ? 0.9 * asked(run, ofKinds(kinds)) : 0.9
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
          says: message(`says.run.${sign}`, apart(value)),
        }),
      )
  }
  measured('hot-at-idle', ['idle', 'town'])
  measured('hot-at-load', ['cruise', 'climb'])
  const plain = readingsInto(out, source, 0.88)
  if (a.road) {
    const { meanC, steady } = a.road
    // In town an open one warms, too: warm there says less, cool there as much.
    const validity = steady || a.staysCool ? 0.9 : 0.5
    out.push(
      measuredReading({
        source: `${source}#cool`,
        sign: 'never-warms',
        value: a.ratingC - meanC,
        error: error + 1,
        given: { no: { mean: -1, sd: 4 }, yes: { low: 9, high: 60 } },
        validity,
        conditions: 'load run',
        says: message(steady ? 'says.run.cruise' : 'says.run.road', {
          temperature: { kind: 'temperature', coreValue: meanC },
        }),
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
  else if (a.withAirConditioningK !== undefined)
    plain(
      'hot-with-ac',
      a.withAirConditioningK > MORE_WITH_AC_K,
      0.75,
      0.2,
      a.withAirConditioningK > MORE_WITH_AC_K ? 'says.acSegments.hotter' : 'says.acSegments.alike',
      0.8,
    )
  if (run.coolsWithHeaterOn !== 'not-known')
    plain(
      'heater-cold',
      run.coolsWithHeaterOn === 'no',
      run.coolsWithHeaterOn === 'no' ? 0.85 : 0.92,
      run.coolsWithHeaterOn === 'no' ? 0.4 : 0.1,
      `says.heaterOn.${run.coolsWithHeaterOn}`,
      0.8,
    )
  // What was towed or carried is weighed or read off papers: beyond the rating is the fault itself.
  if (a.beyondRating)
    out.push(laidBare(`${source}#load-beyond`, 'load-beyond', 0.9, message('says.loadBeyond')))
  else if (run.segments.some((s) => s.load !== 'not-known'))
    plain('load-beyond', false, 0.9, 0.05, 'says.loadWithin', 0.92)
  if (a.overheats.length > 0 || a.leastMarginK < 12)
    plain('margin-thin', a.leastMarginK < 12, 0.75, 0.25, 'says.marginThin')
  return out
}
