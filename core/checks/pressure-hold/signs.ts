import { message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { HoldAnalysis } from './analysis'
import { holdStateLikelihood } from './likelihood'
import { HOT_HOLD_FROM_C } from './limits'
import type { HoldRecords } from './analysis'

/** Whether a hold shows a fall that is the system's own. */
export const hasFallen = (state: HoldAnalysis['state']): boolean =>
  state === 'seep' || state === 'leak' || state === 'gross'

/** Chance that the hold's conditions were met: pressing air, or a tester that leaks, says little. */
function validityOf(analysis: HoldAnalysis, records: HoldRecords): number {
  const level = { 'near-full': 0.96, 'not-known': 0.75, low: 0.3 }[records.start.level]
  const cool =
    records.start.engine === 'hot' &&
    records.start.coolantAtStart !== undefined &&
    correctedValue(records.start.coolantAtStart) < HOT_HOLD_FROM_C
  return analysis.testerUnfit || cool ? Math.min(level, 0.3) : level
}

/**
 * The sign that a hold reads: hot and cold, whole and with a part isolated are different things.
 * @example holdSign(HELD) // 'hold-cold'
 */
export function holdSign({ start }: HoldRecords): string {
  if (start.engine === 'hot') return 'hold-hot'
  if (start.isolated?.includes('heater-core')) return 'hold-without-heater'
  if (start.isolated?.includes('coolers')) return 'hold-without-coolers'
  return 'hold-cold'
}

/**
 * What a hold says about the signs it can speak to.
 * @example signsOf(holdSigns('r', HELD, analyseHold(HELD, holdContextOf(CONTEXT, ''))))
 *   // 'hold-cold level-lower-after-hold'
 */
export function holdSigns(
  holdId: string,
  records: HoldRecords,
  analysis: HoldAnalysis,
  fellBeforeKPaPerMinute?: number,
): SignReading[] {
  const out: SignReading[] = []
  const validity = validityOf(analysis, records)
  const sign = holdSign(records)
  const conditions = sign === 'hold-hot' ? 'pressure tester, hot' : 'pressure tester, cold'
  if (!analysis.decay && records.remarks.some((r) => r.remark === 'target-not-reached'))
    out.push({
      source: holdId,
      sign,
      likelihood: { tight: 0.004, seep: 0.01, leak: 0.1, gross: 0.9 },
      validity: 0.9,
      conditions,
      says: message('says.targetNeverReached'),
    })
  else if (analysis.decay)
    out.push({
      source: holdId,
      sign,
      likelihood: holdStateLikelihood(
        analysis,
        records.start.resolutionKPa,
        fellBeforeKPaPerMinute,
      ),
      validity,
      conditions,
      says: message('says.holdFall', {
        rate: { kind: 'pressureRate', coreValue: Math.max(0, analysis.fallKPaPerMinute!.value) },
        minutes: Math.round(analysis.decay.durationMinutes),
      }),
    })
  if (records.remarks.some((r) => r.remark === 'hiss-heard'))
    out.push(
      binaryReading(
        `${holdId}#hiss`,
        'air-hiss',
        true,
        { whenPresent: 0.8, whenAbsent: 0.03 },
        message('says.hiss'),
      ),
    )
  const fell = hasFallen(analysis.state)
  const { end } = records
  if (end && end.tray !== 'not-known' && (fell || end.tray === 'wet'))
    out.push(
      binaryReading(
        `${holdId}#tray`,
        'tray-wet',
        end.tray === 'wet',
        { whenPresent: 0.8, whenAbsent: 0.04 },
        message(end.tray === 'wet' ? 'says.trayWet' : 'says.trayDry'),
        0.9,
      ),
    )
  if (end?.levelAfter === 'lower' || end?.levelAfter === 'as-before')
    out.push(
      binaryReading(
        `${holdId}#level`,
        'level-lower-after-hold',
        end.levelAfter === 'lower',
        { whenPresent: 0.85, whenAbsent: 0.06 },
        message(`says.levelAfterHold.${end.levelAfter}`),
        0.9,
      ),
    )
  if (end?.cylinders === 'wet' || end?.cylinders === 'dry')
    out.push(
      binaryReading(
        `${holdId}#cylinders`,
        'cylinder-wet',
        end.cylinders === 'wet',
        { whenPresent: 0.75, whenAbsent: 0.02 },
        message(end.cylinders === 'wet' ? 'says.cylinderWet' : 'says.cylinderDry'),
      ),
    )
  return out
}
