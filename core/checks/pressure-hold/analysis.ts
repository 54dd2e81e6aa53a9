import { message, type Message } from '../../quantity/message'
import { complianceFromStrokes, DEFAULT_COMPLIANCE_ML_PER_KPA } from '../../physics/compliance'
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
import { judgeHold } from './judge-hold'
import { isWithin, judgedStretch } from './pressed-again'
import { takeOff } from './taken-off'
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
  /** absent where no more minutes settle it */
  minutesStillNeeded?: number
  /** what would settle it where waiting does not: the temperature that was not taken, or a gauge with finer steps */
  settledBy?: 'temperature' | 'finer-gauge'
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

/** A hold with only its first and its last reading is one from this long on while it runs, s. */
const TWO_READINGS_FROM_SECONDS = 300

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
  const stretch = judgedStretch(records.readings, remarks)
  const points = [...records.readings]
    .sort((a, b) => a.elapsedSeconds - b.elapsedSeconds)
    .map((reading) => {
      const pressureKPaGauge = correctedValue(reading.pressure)
      return {
        id: reading.id,
        elapsedSeconds: reading.elapsedSeconds,
        pressureKPaGauge,
        settled:
          isWithin(stretch, reading) &&
          reading.elapsedSeconds >= stretch.fromSeconds + SETTLING_SECONDS,
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
  const neverReached = remarks.some((r) => r.remark === 'target-not-reached')
  if (neverReached) notes.push(message('hold.targetNeverReached'))
  if (remarks.some(({ remark }) => remark === 'pressed-again'))
    notes.push(message('hold.pressedAgain'))
  const settlingCounts = countSettling(
    points.filter((point) => isWithin(stretch, point)),
    stretch.fromSeconds,
    end !== undefined,
  )
  const decay = fitDecay(
    points.filter((p) => p.settled),
    start.resolutionKPa,
  )
  if (end?.levelAfter === 'lower' && isDryOutside(end))
    analysis.cautions.push(message('caution.cylinderMayBeFull'))
  if (!decay) {
    if (neverReached) analysis.state = 'gross'
    return analysis
  }
  analysis.decay = decay
  const { fall, unrecordedDriftKPaPerMinute } = takeOff(decay, analysis, records, {
    ...context,
    testKPa,
    settlingCounts,
  })
  analysis.fallKPaPerMinute = fall
  judgeHold(analysis, fall, start.resolutionKPa, unrecordedDriftKPaPerMinute)
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
  if (end && end.levelAfter !== 'lower' && fall.low > limit.kPaPerMinute && isDryOutside(end))
    analysis.cautions.push(message('caution.cylinderMayBeFull'))
  if (context.grossLeakSeen) notes.push(message('hold.repairGrossLeakFirst'))
  return analysis
}

/** Nothing came out below, and nobody saw the cylinders dry: what is missing may stand on a piston. */
const isDryOutside = ({ tray, cylinders }: HoldEnd) => tray === 'dry' && cylinders !== 'dry'

/**
 * Two readings, one at the start and one at the end, are a hold: where a single one has settled and it lies far
 * enough from the first, those before it count as well. True where they do.
 */
function countSettling(
  points: HoldAnalysis['points'],
  fromSeconds: number,
  ended: boolean,
): boolean {
  const settled = points.filter((p) => p.settled)
  const [only] = settled
  if (settled.length !== 1 || points.length < 2) return false
  const held = only!.elapsedSeconds - fromSeconds
  if (!ended && held < TWO_READINGS_FROM_SECONDS) return false
  for (const point of points) point.settled = true
  return true
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
