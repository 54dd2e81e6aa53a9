import { message } from '../../quantity/message'
import { binaryReading, type SignReading, readingsInto } from '../../inference/sign-reading'
import type { FanActionAnalysis } from './analysis'
import type { FanInAction } from './record'

/**
 * With air conditioning on a running fan proves the motor and its feed at that speed, nothing about temperature
 * control. A fan that does not run says something only as far as the place that switches it was hot.
 * @example signsOf(fanActionSigns('r', example('fan-in-action.watch'), analyseFanAction(example('fan-in-action.watch'), CONTEXT.profile)))
 *   // 'fan-always'
 */
export function fanActionSigns(
  source: string,
  record: FanInAction,
  analysis: FanActionAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  const yes = readingsInto(out, source, 0.93)
  if (record.which === 'second') {
    secondFan(out, source, record, analysis)
    return out
  }
  if (record.airConditioning === 'on')
    yes(
      'fan-ac-dead',
      record.ran === 'no',
      0.93,
      0.05,
      record.ran === 'no' ? 'says.fanAc.no' : 'says.fanAc.yes',
    )
  else if (analysis.state === 'never')
    out.push({
      source: `${source}#late`,
      sign: 'fan-late',
      likelihood: { 'on-time': 0.02, late: 0.3, never: 0.95 },
      validity: 0.95 * analysis.placeHot,
      conditions: 'fan watched, air conditioning off',
      says: message('says.fanNever'),
    })
  else if (record.ran === 'yes') {
    const late =
      analysis.lateByK === undefined ? 0.15 : 1 / (1 + Math.exp(-(analysis.lateByK - 8) / 2))
    out.push({
      source: `${source}#late`,
      sign: 'fan-late',
      likelihood: { 'on-time': 0.95 * (1 - late) + 0.01, late: late * 0.9 + 0.06, never: 0.01 },
      validity: 0.92,
      conditions: 'fan watched, air conditioning off',
      says: message('says.fanStarted'),
    })
    yes('fan-ac-dead', false, 0.9, 0.03, 'says.fanStarted')
  }
  if (record.airConditioning === 'off')
    yes(
      'fan-always',
      record.ran === 'always',
      0.93,
      0.03,
      record.ran === 'always' ? 'says.fanAlways' : 'says.fanNotAlways',
    )
  if (record.coolsWhenOn !== 'not-known')
    yes(
      'fan-no-effect',
      record.coolsWhenOn === 'no',
      0.85,
      0.06,
      `says.fanCools.${record.coolsWhenOn}`,
    )
  if (record.speeds !== 'not-known')
    yes(
      'fan-speed-missing',
      record.speeds === 'one-missing',
      0.9,
      0.04,
      `says.speeds.${record.speeds}`,
    )
  return out
}

/** A second fan that stands, or starts, tells whether all of them are there; how the first is switched it does not tell. */
function secondFan(
  out: SignReading[],
  source: string,
  { airConditioning, ran, coolsWhenOn }: FanInAction,
  { placeHot }: FanActionAnalysis,
): void {
  const add = (sign: string, seen: boolean, says: string, validity: number) =>
    out.push(
      binaryReading(
        `${source}#${sign}`,
        sign,
        seen,
        { whenPresent: 0.9, whenAbsent: 0.04 },
        message(says),
        validity,
      ),
    )
  if (ran !== 'no') add('fan-speed-missing', false, 'says.secondFan.yes', 0.93)
  else if (airConditioning === 'off')
    add('fan-speed-missing', true, 'says.secondFan.no', 0.93 * placeHot)
  if (airConditioning === 'off')
    add(
      'fan-always',
      ran === 'always',
      ran === 'always' ? 'says.fanAlways' : 'says.fanNotAlways',
      0.93,
    )
  if (coolsWhenOn !== 'not-known')
    add('fan-no-effect', coolsWhenOn === 'no', `says.fanCools.${coolsWhenOn}`, 0.93)
}
