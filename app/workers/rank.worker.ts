import {
  type Believed,
  believe,
  type CaseInput,
  chancesOf,
  decideBelieved,
  type DecidedTogether,
  decideTogether,
  firmnessOf,
  type Firmness,
  planBelieved,
  type PlannedCase,
  type PolicyName,
  rankBuiltInCase,
  type TestOrReplace,
} from '#core'
import { type Answer, answerOf, type Chances } from './answer'

export interface RankRequest {
  ticket: number
  input: CaseInput
  /** what is asked for in place of its ranking */
  wants?: 'decisions' | 'firmness' | { plansOf: PolicyName } | { together: readonly string[] }
}
/**
 * How likely each fault is comes first, as soon as it is known; then the same with reasons and what to do next. Plans
 * and decisions come alone, when they are asked for.
 */
export type RankAnswer = { ticket: number } & (
  | { chances: Chances }
  | { answer: Answer }
  | { planned: PlannedCase }
  | { decisions: TestOrReplace[] }
  | { together: DecidedTogether }
  | { firmness: Firmness }
)

/** Rankings after which the next is about as fast as it will be. */
const WARMING_RUNS = 6
let warmed = 0

/** Ranks the built-in case while nothing is asked, one ranking at a time so that a case that is asked need not wait. */
function warmUp() {
  if (warmed++ >= WARMING_RUNS) return
  rankBuiltInCase()
  setTimeout(warmUp)
}
setTimeout(warmUp)

/** What was believed last; the next question is mostly of the same case with one entry more. */
let last: Believed | undefined

const post = (answer: RankAnswer) => self.postMessage(answer)

self.addEventListener('message', ({ data }: MessageEvent<RankRequest>) => {
  const { ticket, input, wants } = data
  warmed = WARMING_RUNS
  const believed = believe(input, last)
  last = believed
  if (wants === 'decisions') return post({ ticket, decisions: decideBelieved(believed, input) })
  if (wants === 'firmness') return post({ ticket, firmness: firmnessOf(believed, input) })
  if (wants && 'plansOf' in wants)
    return post({ ticket, planned: planBelieved(believed, input, wants.plansOf) })
  if (wants) return post({ ticket, together: decideTogether(believed, input, wants.together) })
  post({ ticket, chances: chancesOf(believed) })
  post({ ticket, answer: answerOf(input, believed) })
})
