import type { CaseInput } from '../record/case-input'
import type { Belief } from '../inference/belief'
import type { CheckId } from '../checks/registry'
import { openSigns, plannedOf, possibleChecks } from './next-check'
import { predictionOf } from './predict'
import { chanceIn } from './shown'

/** The single answer that would most change the lead. */
export interface Pivot {
  check: CheckId
  sign: string
  state: string
  /** how likely that answer is */
  chance: number
  /** the lead after it, and its probability */
  newLead: string
  newLeadProbability: number
}

/** Of all open signs and states, the one with the largest chance × (new lead's gain over the old lead). */
export function pivotAnswer(belief: Belief, input: CaseInput): Pivot | undefined {
  const prediction = predictionOf(belief)
  const planned = plannedOf(belief, input)
  const { weights, members } = prediction
  const n = belief.model.faults.length
  const lead = belief.faults.indexOf(Math.max(...belief.faults))
  let best: { pivot: Pivot; worth: number } | undefined
  for (const check of possibleChecks(planned)) {
    for (const sign of openSigns(check, planned)) {
      const shown = prediction.of(sign)
      for (let j = 0; j < shown.states; j++) {
        const p = new Float64Array(n)
        let chance = 0
        members.forEach((list, i) => {
          const w = weights[i]! * chanceIn(shown, i, j)
          chance += w
          for (const f of list) p[f]! += w
        })
        const top = p.indexOf(Math.max(...p))
        if (top === lead || chance < 0.01) continue
        const worth = p[top]! - p[lead]!
        if (!best || worth > best.worth)
          best = {
            worth,
            pivot: {
              check: check.id,
              sign: sign.sign.id,
              state: sign.sign.states[j]!,
              chance,
              newLead: belief.model.faults[top]!.id,
              newLeadProbability: p[top]! / chance,
            },
          }
      }
    }
  }
  return best?.pivot
}
