import { message, type Message } from '../../quantity/message'
import {
  complianceFromStrokes,
  DEFAULT_COMPLIANCE_ML_PER_KPA,
  thermalDriftKPaPerK,
} from '../../physics/compliance'
import { type Estimate } from '../../quantity/interval'
import { fractionAfterToppingUpWithWater } from '../../physics/coolant'
import { correctedValue } from '../../quantity/record'
import { fitDecay, type Decay, type HoldPoint } from './decay'
import {
  allowedPressure,
  holdLimit,
  limitFromReportedLoss,
  runningFlowFactor,
  type HoldLimit,
} from './limits'
import { compareLoss, lossPerWeek, type LossBudget } from './loss-budget'
import type { HoldEnd, HoldReading, HoldRemark, HoldStart } from './record'
import { noteContradictions, whatAPassLeavesOpen, cautionsOf } from './leaves-open'

export interface HoldContext {
  atmosphereKPa: number
  systemRatingKPa?: number | undefined
  /** coolant in the system, litres; 8 is assumed when unknown */
  capacityLitres?: number | undefined
  capRatingKPa?: number | undefined
  /** glycol by volume, 0 to 1, where it is known */
  glycolVolumeFraction?: number | undefined
  /** flow of the tester's own leak at test pressure, mL/min, from the self-check */
  testerFlowMLPerMinute?: Estimate | undefined
  reportedLossLitresPerWeek?: number | undefined
  pressurisedHoursPerWeek: Estimate
  /** a gross leak was already seen issuing and not repaired or isolated since */
  grossLeakSeen: boolean
}

export interface HoldRecords {
  start: HoldStart
  readings: readonly (HoldReading & { id: string })[]
  remarks: readonly HoldRemark[]
  end?: HoldEnd | undefined
}

export type HoldState =
  'no-reading' | 'settling' | 'undecided' | 'tight' | 'slow' | 'seep' | 'leak' | 'gross'

export interface HoldAnalysis {
  allowedKPaGauge: number
  limit: HoldLimit
  points: (HoldPoint & { id: string; settled: boolean; aboveAllowed: boolean })[]
  settlingSeconds: number
  decay?: Decay
  /** fall that is left when the tester's leak and the cooling are taken off, kPa/min */
  fallKPaPerMinute?: Estimate
  complianceMLPerKPa: Estimate
  complianceBasis: 'strokes' | 'default'
  leakMLPerMinute?: Estimate
  state: HoldState
  testerUnfit: boolean
  minutesStillNeeded?: number
  /** fall that the reported loss would make in this system, kPa/min */
  reportedLossFallKPaPerMinute?: Estimate
  couldHaveSeenReportedLoss?: boolean
  minutesToSeeReportedLoss?: number
  lossBudget?: LossBudget
  notes: Message[]
  doesNotProve: Message[]
  cautions: Message[]
}

/** Hoses stretch and the tester warms for this long; readings before it are shown and not fitted. */
export const SETTLING_SECONDS = 90

const LEAK_KPA_PER_MINUTE = 2

const GROSS_KPA_PER_MINUTE = 10

const LONGEST_USEFUL_MINUTES = 60

const minus = (a: Estimate, b: Estimate): Estimate => ({
  low: a.low - b.high,
  value: a.value - b.value,
  high: a.high - b.low,
})

/**
 * Everything a hold says so far. Pure: the records and what is known of the vehicle in, intervals and a verdict
 * out. It may be asked after every reading; the verdict falls early when the interval lies wholly on one side
 * of the limit, and says otherwise how many minutes more the gauge's step asks for.
 * @example analyseHold({ start: example('pressure-hold.start'), readings: [], remarks: [] }, holdContextOf(CONTEXT, '')).state
 *   // 'no-reading'
 */
export function analyseHold(records: HoldRecords, context: HoldContext): HoldAnalysis {
  const { start, remarks, end } = records
  const marking =
    typeof start.capMarking === 'object'
      ? { coreValue: start.capMarking.coreValue }
      : start.capMarking
  const allowed = allowedPressure(marking, context.systemRatingKPa)
  const limit = holdLimit(start.plan, start.resolutionKPa)
  const points = [...records.readings]
    .sort((a, b) => a.elapsedSeconds - b.elapsedSeconds)
    .map((reading) => {
      const pressureKPaGauge = correctedValue(reading.pressure)
      return {
        id: reading.id,
        elapsedSeconds: reading.elapsedSeconds,
        pressureKPaGauge,
        settled: reading.elapsedSeconds >= SETTLING_SECONDS,
        aboveAllowed: pressureKPaGauge > allowed.maximumKPaGauge + start.resolutionKPa / 2,
      }
    })
  const testKPa = Math.max(1, points[0]?.pressureKPaGauge ?? correctedValue(start.target))
  const counted = start.strokes !== undefined && start.strokeVolumeML !== undefined
  const complianceMLPerKPa = counted
    ? complianceFromStrokes(start.strokes!, start.strokeVolumeML!, testKPa, context.atmosphereKPa)
    : DEFAULT_COMPLIANCE_ML_PER_KPA
  const notes: Message[] = allowed.note ? [allowed.note] : []
  if (!counted) notes.push(message('hold.defaultCompliance'))
  const analysis: HoldAnalysis = {
    allowedKPaGauge: allowed.maximumKPaGauge,
    limit,
    points,
    settlingSeconds: SETTLING_SECONDS,
    complianceMLPerKPa,
    complianceBasis: counted ? 'strokes' : 'default',
    state: points.length === 0 ? 'no-reading' : 'settling',
    testerUnfit: false,
    notes,
    doesNotProve: whatAPassLeavesOpen(start, context),
    cautions: cautionsOf(
      points.some((p) => p.aboveAllowed),
      allowed.maximumKPaGauge,
      start.engine,
    ),
  }
  noteContradictions(analysis, start)
  applyReportedLoss(analysis, context, testKPa)
  if (remarks.some((r) => r.remark === 'target-not-reached')) {
    analysis.state = 'gross'
    notes.push(message('hold.targetNeverReached'))
    return analysis
  }
  const decay = fitDecay(
    points.filter((p) => p.settled),
    start.resolutionKPa,
  )
  if (!decay) return analysis
  analysis.decay = decay
  const fall = correctFall(decay, analysis, records, context, testKPa)
  analysis.fallKPaPerMinute = fall
  judge(analysis, fall, start.resolutionKPa)
  const { low, high } = complianceMLPerKPa
  analysis.leakMLPerMinute = {
    low: Math.max(0, fall.low) * low,
    value: Math.max(0, fall.value) * complianceMLPerKPa.value,
    high: Math.max(0, fall.high) * high,
  }
  const factor = runningFlowFactor(testKPa, context.capRatingKPa ?? allowed.maximumKPaGauge)
  const perWeek = lossPerWeek(analysis.leakMLPerMinute, factor, context.pressurisedHoursPerWeek)
  analysis.lossBudget = compareLoss(perWeek, context.reportedLossLitresPerWeek)
  finishReportedLoss(analysis, fall, start.resolutionKPa)
  noteDilution(analysis, context)
  if (end && fall.low > limit.kPaPerMinute && end.tray === 'dry' && end.cylinders !== 'dry')
    analysis.cautions.push(message('caution.cylinderMayBeFull'))
  if (context.grossLeakSeen) notes.push(message('hold.repairGrossLeakFirst'))
  return analysis
}

function correctFall(
  decay: Decay,
  analysis: HoldAnalysis,
  { start, end }: HoldRecords,
  context: HoldContext,
  testKPa: number,
): Estimate {
  let fall: Estimate = decay.fallKPaPerMinute
  const tester = context.testerFlowMLPerMinute
  if (tester) {
    const c = analysis.complianceMLPerKPa
    const own = {
      low: tester.low / c.high,
      value: tester.value / c.value,
      high: tester.high / c.low,
    }
    fall = minus(fall, own)
    if (own.value > analysis.limit.kPaPerMinute) {
      analysis.testerUnfit = true
      analysis.notes.push(message('hold.testerUnfit'))
    } else
      analysis.notes.push(
        message('hold.testerSubtracted', { rate: { kind: 'pressureRate', coreValue: own.value } }),
      )
  } else analysis.notes.push(message('hold.testerNotChecked'))
  const minutes = decay.durationMinutes
  if (start.coolantAtStart && end?.coolantAtEnd) {
    const cooledK = correctedValue(start.coolantAtStart) - correctedValue(end.coolantAtEnd)
    const perK = thermalDriftKPaPerK(
      context.capacityLitres ?? 8,
      analysis.complianceMLPerKPa.value,
      testKPa + context.atmosphereKPa,
      correctedValue(end.coolantAtEnd),
    )
    const ends = [perK.low, perK.high].map((k) => (k * cooledK) / minutes)
    fall = minus(fall, {
      low: Math.min(...ends),
      value: (perK.value * cooledK) / minutes,
      high: Math.max(...ends),
    })
    if (Math.abs(cooledK) >= 1)
      analysis.notes.push(
        message('hold.driftCorrected', {
          drop: { kind: 'temperatureDifference', coreValue: cooledK },
        }),
      )
  } else if (end)
    analysis.notes.push(
      message(
        start.coolantAtStart
          ? 'hold.endTemperatureNotRecorded'
          : end.coolantAtEnd
            ? 'hold.startTemperatureNotRecorded'
            : 'hold.temperatureNotRecorded',
      ),
    )
  return fall
}

/** Within the usual limit, and yet a fall that a seep makes oftener than a sound system, kPa/min. */
const SLOW_KPA_PER_MINUTE = 0.25

function judge(analysis: HoldAnalysis, fall: Estimate, resolutionKPa: number) {
  const limit = analysis.limit.kPaPerMinute
  if (fall.high < limit) analysis.state = fall.value > SLOW_KPA_PER_MINUTE ? 'slow' : 'tight'
  else if (fall.low > limit)
    analysis.state =
      fall.value >= GROSS_KPA_PER_MINUTE
        ? 'gross'
        : fall.value >= LEAK_KPA_PER_MINUTE
          ? 'leak'
          : 'seep'
  else analysis.state = 'undecided'
  if (analysis.testerUnfit && fall.high >= limit) analysis.state = 'undecided'
  const decided = analysis.state !== 'undecided'
  const needed = resolutionKPa / Math.max(1e-6, Math.abs(fall.value - limit))
  const total = Math.min(
    LONGEST_USEFUL_MINUTES,
    Math.max(needed, decided ? 0 : analysis.decay!.durationMinutes + 1),
  )
  analysis.minutesStillNeeded = decided
    ? 0
    : Math.max(1, Math.ceil(total - analysis.decay!.durationMinutes))
}

function applyReportedLoss(analysis: HoldAnalysis, context: HoldContext, testKPa: number) {
  if (context.reportedLossLitresPerWeek === undefined || context.reportedLossLitresPerWeek <= 0)
    return
  const factor = runningFlowFactor(testKPa, context.capRatingKPa ?? analysis.allowedKPaGauge)
  analysis.reportedLossFallKPaPerMinute = limitFromReportedLoss(
    context.reportedLossLitresPerWeek,
    context.pressurisedHoursPerWeek,
    analysis.complianceMLPerKPa,
    factor,
  )
}

function finishReportedLoss(analysis: HoldAnalysis, fall: Estimate, resolutionKPa: number) {
  const reported = analysis.reportedLossFallKPaPerMinute
  if (!reported) return
  analysis.couldHaveSeenReportedLoss = fall.high < reported.value || fall.low > 0
  analysis.minutesToSeeReportedLoss = Math.ceil(resolutionKPa / reported.value)
  if (fall.high < analysis.limit.kPaPerMinute && !analysis.couldHaveSeenReportedLoss)
    analysis.notes.push(
      message('hold.tightButBlindToReported', { minutes: analysis.minutesToSeeReportedLoss }),
    )
}

const DILUTION_WEEKS = 6

/** What topping up with water does to the mix in six weeks of the reported loss. */
function noteDilution(analysis: HoldAnalysis, context: HoldContext) {
  const {
    reportedLossLitresPerWeek: loss,
    capacityLitres,
    glycolVolumeFraction: fraction,
  } = context
  if (!loss || !capacityLitres || !fraction || loss >= capacityLitres) return
  const after = fractionAfterToppingUpWithWater(fraction, loss, capacityLitres, DILUTION_WEEKS)
  if (fraction - after < 0.03) return
  const percent = (f: number) => Math.round(f * 100)
  analysis.notes.push(
    message('hold.dilution', {
      weeks: DILUTION_WEEKS,
      from: percent(fraction),
      to: percent(after),
    }),
  )
}
