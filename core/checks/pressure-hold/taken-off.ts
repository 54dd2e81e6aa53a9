import { thermalDriftKPaPerK } from '../../physics/compliance'
import { coolingTimeConstant } from '../../physics/engine-temperature'
import type { Estimate } from '../../quantity/interval'
import { message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import type { HoldAnalysis, HoldContext, HoldRecords } from './analysis'
import type { Decay } from './decay'

/** Hoses stretch and the pumped air cools: so much of the pressure may go while a hold settles, leak or none. */
const SETTLING_SHARE = 0.03
/** A cold engine whose temperature was not taken may cool or warm so fast, K a minute. */
const UNRECORDED_COLD_K_PER_MINUTE = 0.1
/** A hot engine in a 20 °C bay that is cold within the hour, where its temperature was not taken, °C. */
const HOT_COOLANT_C = 85
const BAY_C = 20
const COOL_DOWN_MINUTES = 60
const DEFAULT_CAPACITY_LITRES = 8

export interface TakenOff {
  /** what is left of the fall, kPa/min */
  fall: Estimate
  /** half width of what a temperature that was not taken leaves open of it, kPa/min; 0 where both were */
  unrecordedDriftKPaPerMinute: number
}

const minus = (a: Estimate, b: Estimate): Estimate => ({
  low: a.low - b.high,
  value: a.value - b.value,
  high: a.high - b.low,
})

/** Product of two intervals, the first above zero. */
const times = (a: Estimate, b: Estimate): Estimate => {
  const ends = [a.low * b.low, a.low * b.high, a.high * b.low, a.high * b.high]
  return { low: Math.min(...ends), value: a.value * b.value, high: Math.max(...ends) }
}

/**
 * The fall that is the system's own, kPa/min: without what may be settling where the first readings had to count,
 * without the tester's own leak, and without what cooling makes; each with its interval, and each said.
 * @example takeOff(analyseHold(HELD, holdContextOf(CONTEXT, '')).decay, analyseHold(HELD, holdContextOf(CONTEXT, '')), HELD, { ...holdContextOf(CONTEXT, ''), testKPa: 100, settlingCounts: false }).unrecordedDriftKPaPerMinute
 *   // 0
 */
export function takeOff(
  decay: Decay,
  analysis: HoldAnalysis,
  records: HoldRecords,
  context: HoldContext & { testKPa: number; settlingCounts: boolean },
): TakenOff {
  let fall: Estimate = decay.fallKPaPerMinute
  if (context.settlingCounts) {
    const most = (SETTLING_SHARE * context.testKPa) / decay.durationMinutes
    fall = minus(fall, { low: 0, value: most / 2, high: most })
    analysis.notes.push(message('hold.settlingCounted'))
  }
  fall = minus(fall, testersOwn(analysis, context))
  const drift = times(driftPerK(analysis, records, context), cooling(decay, analysis, records))
  const left = minus(fall, drift)
  const isRecorded = records.start.coolantAtStart && records.end?.coolantAtEnd
  if (isRecorded && fall.low > 0 && left.low <= 0)
    analysis.notes.push(message('hold.coolingExplains'))
  return {
    fall: left,
    unrecordedDriftKPaPerMinute: isRecorded ? 0 : (drift.high - drift.low) / 2,
  }
}

/** What the tester alone would make of the fall in this system, kPa/min. */
function testersOwn(analysis: HoldAnalysis, context: HoldContext): Estimate {
  const tester = context.testerFlowMLPerMinute
  if (!tester) {
    analysis.notes.push(message('hold.testerNotChecked'))
    return { low: 0, value: 0, high: 0 }
  }
  const { low, value, high } = analysis.complianceMLPerKPa
  const own = { low: tester.low / high, value: tester.value / value, high: tester.high / low }
  analysis.testerUnfit = own.value > analysis.limit.kPaPerMinute
  analysis.notes.push(
    analysis.testerUnfit
      ? message('hold.testerUnfit')
      : message('hold.testerSubtracted', { rate: { kind: 'pressureRate', coreValue: own.value } }),
  )
  return own
}

function driftPerK(
  analysis: HoldAnalysis,
  { start, end }: HoldRecords,
  context: HoldContext & { testKPa: number },
): Estimate {
  const taken = [start.coolantAtStart, end?.coolantAtEnd].flatMap((t) =>
    t ? [correctedValue(t)] : [],
  )
  const assumedC = start.engine === 'hot' ? HOT_COOLANT_C : BAY_C
  const coolantC = taken.length > 0 ? taken.reduce((a, b) => a + b, 0) / taken.length : assumedC
  return thermalDriftKPaPerK(
    context.capacityLitres ?? DEFAULT_CAPACITY_LITRES,
    analysis.complianceMLPerKPa.value,
    context.testKPa + context.atmosphereKPa,
    coolantC,
  )
}

/** How fast the coolant cooled, K a minute: between the two temperatures, or what it may have done without them. */
function cooling(decay: Decay, analysis: HoldAnalysis, { start, end }: HoldRecords): Estimate {
  const startC = start.coolantAtStart && correctedValue(start.coolantAtStart)
  const endC = end?.coolantAtEnd && correctedValue(end.coolantAtEnd)
  if (startC !== undefined && endC !== undefined) {
    const cooledK = startC - endC
    if (Math.abs(cooledK) >= 1)
      analysis.notes.push(
        message('hold.driftCorrected', {
          drop: { kind: 'temperatureDifference', coreValue: cooledK },
        }),
      )
    const rate = cooledK / Math.max(end!.elapsedSeconds / 60, decay.durationMinutes)
    return { low: rate, value: rate, high: rate }
  }
  if (end)
    analysis.notes.push(
      message(
        startC !== undefined
          ? 'hold.endTemperatureNotRecorded'
          : endC !== undefined
            ? 'hold.startTemperatureNotRecorded'
            : 'hold.temperatureNotRecorded',
      ),
    )
  if (start.engine !== 'hot') {
    const most = UNRECORDED_COLD_K_PER_MINUTE
    return { low: -most, value: 0, high: most }
  }
  const most =
    Math.max(0, (startC ?? HOT_COOLANT_C) - BAY_C) / coolingTimeConstant(COOL_DOWN_MINUTES)
  return { low: 0, value: most / 2, high: most }
}
