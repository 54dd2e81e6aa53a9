import { message, type Message } from '../../quantity/message'
import { DEFAULT_COMPLIANCE_ML_PER_KPA, testerCompliance } from '../../physics/compliance'
import { type Estimate } from '../../quantity/interval'
import { LIMIT_KPA_PER_MINUTE } from '../pressure-hold/limits'
import { correctedValue } from '../../quantity/record'
import type { TesterSelfCheck } from './record'

export interface TesterSelfCheckAnalysis {
  /** fall in the tester's own small volume, kPa/min; not comparable with a vehicle's fall */
  ownFallKPaPerMinute: Estimate
  /** the leak as a flow at test pressure, mL/min: this is what is taken off a hold */
  flowMLPerMinute: Estimate
  /** what that flow would do in an ordinary vehicle of 5.2 mL/kPa, kPa/min */
  inVehicleKPaPerMinute: number
  state: 'sound' | 'leaks-a-little' | 'unfit' | 'too-short'
  /** minutes after which this gauge would show a tester that is too leaky, where it was shorter */
  minutesNeeded?: number
  doesNotProve: Message[]
}

/** What a tester alone may make of the fall in an ordinary vehicle: the usual limit of a hold, and what is hardly seen. */
const UNFIT_KPA_PER_MINUTE = LIMIT_KPA_PER_MINUTE
const LITTLE_KPA_PER_MINUTE = 0.05

/**
 * A tester is unfit when alone it would make an ordinary vehicle fall at the usual limit (7 kPa in 15 min);
 * a check too short for its gauge to show that much passes nothing.
 * @example analyseTesterSelfCheck(example('tester-self-check.test'), 101.3).state // 'sound'
 */
export function analyseTesterSelfCheck(
  record: TesterSelfCheck,
  atmosphereKPa: number,
): TesterSelfCheckAnalysis {
  const minutes = record.durationSeconds / 60
  const startKPa = correctedValue(record.startPressure)
  const fall = (startKPa - correctedValue(record.endPressure)) / minutes
  const half = record.resolutionKPa / minutes
  const own = {
    low: Math.max(0, fall - half),
    value: Math.max(0, fall),
    high: Math.max(0, fall + half),
  }
  const volume = record.enclosedML
  const c = testerCompliance(
    volume === undefined ? undefined : { low: volume * 0.9, value: volume, high: volume * 1.1 },
    Math.max(1, startKPa),
    atmosphereKPa,
  )
  const flow = { low: own.low * c.low, value: own.value * c.value, high: own.high * c.high }
  const { value: ordinary } = DEFAULT_COMPLIANCE_ML_PER_KPA
  const inVehicle = flow.value / ordinary
  const isBlind = inVehicle <= LITTLE_KPA_PER_MINUTE && flow.high / ordinary > UNFIT_KPA_PER_MINUTE
  return {
    ownFallKPaPerMinute: own,
    flowMLPerMinute: flow,
    inVehicleKPaPerMinute: inVehicle,
    ...(isBlind && {
      minutesNeeded: Math.ceil((record.resolutionKPa * c.high) / ordinary / UNFIT_KPA_PER_MINUTE),
    }),
    state: isBlind
      ? 'too-short'
      : inVehicle > UNFIT_KPA_PER_MINUTE
        ? 'unfit'
        : inVehicle > LITTLE_KPA_PER_MINUTE
          ? 'leaks-a-little'
          : 'sound',
    doesNotProve: [message('selfCheck.pass.adapterJoint')],
  }
}
