import { knownValue } from '../../vehicle/profile'
import { correctedValue } from '../../quantity/record'
import { fractionAfterRefill, residualAfterFlush } from '../../physics/mix'
import type { CheckContext } from '../context'
import type { Refill } from './record'

export interface RefillAnalysis {
  /** share of the old coolant left after the flushing */
  residualShare?: number
  /** glycol by volume after the refill: what was filled in, and the old that stayed */
  fractionAfter?: number
  drainedShare?: number
}

/**
 * The trap of flushing with water: what stays in the block dilutes the premix.
 * @example analyseRefill({ ...example('refill.fill'), amount: { coreValue: 1 }, flushPasses: 1 }, CONTEXT).residualShare
 *   // 0.9
 */
export function analyseRefill(record: Refill, context: CheckContext): RefillAnalysis {
  const out: RefillAnalysis = {}
  if (record.amount === undefined || context.capacityLitres === undefined) return out
  const amount = Math.min(correctedValue(record.amount), context.capacityLitres)
  out.drainedShare = amount / context.capacityLitres
  if (record.flushPasses !== undefined) {
    out.residualShare = residualAfterFlush(context.capacityLitres, amount, record.flushPasses)
  }
  if (record.premixFraction !== undefined) {
    // What stays behind is the old coolant, as far as it was not flushed out.
    const old = knownValue(context.profile.glycolVolumeFraction)
    const flushed = record.flushPasses === undefined ? 1 : out.residualShare!
    if (old !== undefined || flushed < 1)
      out.fractionAfter = fractionAfterRefill(
        context.capacityLitres,
        amount,
        (old ?? 0) * flushed,
        record.premixFraction,
      )
  }
  return out
}
