import { correctedValue } from '../../quantity/record'
import type { Policy } from '../../vehicle/policy'
import type { ClutchHot } from './record'

/** Most viscous clutches grip when the air behind the radiator reaches about this, °C. */
const GRIPS_AT_C = 70

export interface ClutchAnalysis {
  state: 'grips' | 'slips' | 'locked' | 'not-judged' | 'contradicts'
  /** how sure it is that the clutch was hot enough to grip */
  hotEnough: number
}

/**
 * @example analyseClutch(example('clutch-hot.test'), CONTEXT.policy).state // 'slips'
 */
export function analyseClutch(record: ClutchHot, policy: Policy): ClutchAnalysis {
  const air = record.airBehindRadiator && correctedValue(record.airBehindRadiator)
  const hotEnough = air === undefined ? 0.7 : 1 / (1 + Math.exp(-(air - GRIPS_AT_C) / 4))
  // One that roars always turns with the engine; that it is free by hand as well cannot be.
  const isFree = record.dragHot === 'none' || record.dragHot === 'weak'
  if (record.roarHot === 'always' && isFree) return { state: 'contradicts', hotEnough }
  if (record.dragHot === 'seized' || record.roarHot === 'always')
    return { state: 'locked', hotEnough }
  const votes = slippingVotes(record, policy)
  if (votes <= -LEAST_VOTES) return { state: 'grips', hotEnough }
  return { state: votes >= LEAST_VOTES && hotEnough > 0.5 ? 'slips' : 'not-judged', hotEnough }
}

/** The hand counts twice, and so do turns after switch-off far over the limit; what is less judges nothing alone. */
const LEAST_VOTES = 2

function votesOfTurns(turns: number | undefined, limit: number): number {
  if (turns === undefined) return 0
  return turns > 2 * limit ? 2 : turns > limit ? 1 : -1
}

function slippingVotes({ dragHot, turnsAfterSwitchOff, roarHot }: ClutchHot, policy: Policy) {
  const byHand = { none: 2, weak: 1, firm: -2, seized: -2, 'not-known': 0 }[dragHot]
  return (
    byHand +
    votesOfTurns(turnsAfterSwitchOff, policy.clutchTurnsAfterSwitchOff) +
    { no: 1, yes: -1, always: -1, 'not-heard': 0 }[roarHot]
  )
}
