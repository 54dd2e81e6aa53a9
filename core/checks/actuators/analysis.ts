import type { ActuatorTest } from './record'

export interface ActuatorAnalysis {
  state: 'follows' | 'stuck' | 'not-supplied' | 'not-calibrated' | 'not-shown'
  /** actual less commanded, per cent of full scale */
  errorPercent?: number
}

const LEAST_SUPPLY_V = 10
const FOLLOWS_WITHIN_PERCENT = 15

/**
 * @example analyseActuator(example('actuators.test')).state // 'stuck'
 */
export function analyseActuator(record: ActuatorTest): ActuatorAnalysis {
  if (record.supplyVolts !== undefined && record.supplyVolts < LEAST_SUPPLY_V)
    return { state: 'not-supplied' }
  if (record.actualPercent === 'not-shown') return { state: 'not-shown' }
  const actual = record.actualPercent === 'none' ? 0 : record.actualPercent
  const errorPercent = actual - record.commandedPercent
  if (Math.abs(errorPercent) <= FOLLOWS_WITHIN_PERCENT)
    return { state: record.calibrated === 'no' ? 'not-calibrated' : 'follows', errorPercent }
  return { state: record.calibrated === 'no' ? 'not-calibrated' : 'stuck', errorPercent }
}
