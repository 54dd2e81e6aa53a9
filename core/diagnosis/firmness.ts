import { stabilityOf, type Stability } from '../inference/stability'
import { type Pivot, pivotAnswer } from '../planning/pivot'
import type { CaseInput } from '../record/case-input'
import type { Believed } from './rank-case'

/** How firmly the lead stands. */
export interface Firmness {
  /** against the book's judgement: what one step of any level in use would change */
  stability: Stability
  /** against what is still to be found out: the single answer that would most change the lead, where one may come */
  pivot?: Pivot
}

/** How firmly the lead stands, of what is believed already. It takes longer than the ranking: done when somebody asks. */
export function firmnessOf({ belief }: Believed, input: CaseInput): Firmness {
  const pivot = pivotAnswer(belief, input)
  return { stability: stabilityOf(belief), ...(pivot ? { pivot } : {}) }
}
