import type { ActuatorTest } from './record'

export interface ActuatorAnalysis {
  state: 'follows' | 'stuck' | 'not-supplied' | 'not-calibrated' | 'not-shown' | 'not-asked'
  /** actual less commanded, per cent of full scale */
  errorPercent?: number
}

const LEAST_SUPPLY_V = 10
const FOLLOWS_WITHIN_PERCENT = 15
/** What is commanded less than this is not asked to do anything that could be seen, per cent. */
const LEAST_COMMAND_PERCENT = 25
/** Further off than this nothing lags any more: the device does not do what it is told, per cent of full scale. */
export const PLAINLY_OFF_PERCENT = 40

/** Of these what is condemned is the control, with its wire and plug. */
const CONDEMNED_WITH_ITS_SUPPLY: readonly ActuatorTest['device'][] = [
  'map-thermostat',
  'fan-clutch',
]

/**
 * A device that has its supply and plainly does not do what it is told; where it is the control of it that is condemned,
 * also one that has none.
 * @example isShownBad(example('actuators.test')) // 'true'
 */
export function isShownBad(record: ActuatorTest): boolean {
  const { state, errorPercent = 0 } = analyseActuator(record)
  if (state === 'not-supplied') return CONDEMNED_WITH_ITS_SUPPLY.includes(record.device)
  return record.supplyVolts !== undefined && Math.abs(errorPercent) >= PLAINLY_OFF_PERCENT
}

/**
 * @example analyseActuator(example('actuators.test')).state // 'stuck'
 */
export function analyseActuator(record: ActuatorTest): ActuatorAnalysis {
  if (record.supplyVolts !== undefined && record.supplyVolts < LEAST_SUPPLY_V)
    return { state: 'not-supplied' }
  if (record.actualPercent === 'not-shown') return { state: 'not-shown' }
  const actual = record.actualPercent === 'none' ? 0 : record.actualPercent
  const errorPercent = actual - record.commandedPercent
  if (
    record.commandedPercent < LEAST_COMMAND_PERCENT &&
    Math.abs(errorPercent) < LEAST_COMMAND_PERCENT
  )
    return { state: 'not-asked', errorPercent }
  if (Math.abs(errorPercent) <= FOLLOWS_WITHIN_PERCENT)
    return { state: record.calibrated === 'no' ? 'not-calibrated' : 'follows', errorPercent }
  return { state: record.calibrated === 'no' ? 'not-calibrated' : 'stuck', errorPercent }
}
