import { correctedValue } from '../../quantity/record'
import type { Policy } from '../../vehicle/policy'
import type { ClutchHot } from './record'

/** Most viscous clutches grip when the air behind the radiator reaches about this, °C. */
const GRIPS_AT_C = 70

export interface ClutchAnalysis {
  state: 'grips' | 'slips' | 'locked' | 'not-judged'
  /** how sure it is that the clutch was hot enough to grip */
  hotEnough: number
}

/**
 * @example analyseClutch(example('clutch-hot.test'), CONTEXT.policy).state // 'slips'
 */
export function analyseClutch(record: ClutchHot, policy: Policy): ClutchAnalysis {
  const air = record.airBehindRadiator && correctedValue(record.airBehindRadiator)
  const hotEnough = air === undefined ? 0.7 : 1 / (1 + Math.exp(-(air - GRIPS_AT_C) / 4))
  if (record.dragHot === 'seized' || record.roarHot === 'always')
    return { state: 'locked', hotEnough }
  const spins =
    record.turnsAfterSwitchOff !== undefined &&
    record.turnsAfterSwitchOff > policy.clutchTurnsAfterSwitchOff
  if (
    record.dragHot === 'none' ||
    record.dragHot === 'weak' ||
    (record.dragHot === 'not-known' && spins)
  )
    return { state: hotEnough > 0.5 ? 'slips' : 'not-judged', hotEnough }
  return { state: record.dragHot === 'firm' ? 'grips' : 'not-judged', hotEnough }
}
