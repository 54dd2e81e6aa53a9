import { correctedValue } from '../../quantity/record'
import { fractionAfterRefill, residualAfterFlush } from '../../physics/mix'
import type { CheckContext } from '../context'
import type { Refill } from './record'

export interface RefillAnalysis {
  /** share of the old coolant left after the flushing */
  residualShare?: number
  /** glycol by volume after the refill, when flushed with water before */
  fractionAfterFlush?: number
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
    if (record.flushPasses > 0 && record.premixFraction !== undefined)
      out.fractionAfterFlush = fractionAfterRefill(
        context.capacityLitres,
        amount,
        0,
        record.premixFraction,
      )
  }
  return out
}
