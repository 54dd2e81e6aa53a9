import { correctedValue } from '../../quantity/record'
import type { ColdSoak } from './record'

/** A coolant sensor should agree with the air within this after a soak, K. */
export const AGREES_WITHIN_K = 3
/** Further off than this it is biased; between the two the air may not be what the block stood in, K. */
const BIASED_FROM_K = 5
export const SOAK_HOURS = 8

export interface ColdSoakAnalysis {
  /** coolant sensor less the air, K; absent when no air was measured */
  biasK?: number
  soaked: boolean
  state: 'agrees' | 'doubtful' | 'biased' | 'not-soaked' | 'nothing-to-compare'
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
    state: soaked ? agreement(Math.abs(biasK)) : 'not-soaked',
  }
}

const agreement = (offK: number) =>
  offK <= AGREES_WITHIN_K ? 'agrees' : offK < BIASED_FROM_K ? 'doubtful' : 'biased'
