import { correctedValue } from '../../quantity/record'
import type { ColdSoak } from './record'

/** A coolant sensor should agree with the air within this after a soak, K. */
export const AGREES_WITHIN_K = 3
export const SOAK_HOURS = 8

export interface ColdSoakAnalysis {
  /** coolant sensor less the air, K; absent when no air was measured */
  biasK?: number
  soaked: boolean
  state: 'agrees' | 'biased' | 'not-soaked' | 'nothing-to-compare'
}

/**
 * @example analyseColdSoak(example('cold-soak.test')).state // 'biased'
 */
export function analyseColdSoak(record: ColdSoak): ColdSoakAnalysis {
  const air = [record.ambient, record.intakeAir].flatMap((q) => (q ? [correctedValue(q)] : []))
  const soaked = record.hoursStood >= SOAK_HOURS
  if (air.length === 0) return { soaked, state: 'nothing-to-compare' }
  const biasK = correctedValue(record.coolant) - air.reduce((a, b) => a + b, 0) / air.length
  return {
    biasK,
    soaked,
    state: !soaked ? 'not-soaked' : Math.abs(biasK) <= AGREES_WITHIN_K ? 'agrees' : 'biased',
  }
}
