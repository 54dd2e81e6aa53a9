import type { CaseInput } from '../record/case-input'
import type { Belief } from '../inference/belief'
import type { CheckId } from '../checks/registry'
import { openSigns, plannedOf, possibleChecks } from './next-check'
import { type Prediction, predictionOf } from './predict'
import type { Shown } from './shown'

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

/** The lead after an answer: P(answer and fault) for the fault that is then likeliest. */
interface Lead {
  chance: number
  top: number
  joint: number
  worth: number
}

/** An answer less likely than this is not worth naming. */
const LEAST_CHANCE = 0.01

/** Of all open signs and states, the one with the largest chance × (new lead's gain over the old lead). */
export function pivotAnswer(belief: Belief, input: CaseInput): Pivot | undefined {
  const prediction = predictionOf(belief)
  const planned = plannedOf(belief, input)
  const { faults } = belief.model
  const lead = belief.faults.indexOf(Math.max(...belief.faults))
  let best: { pivot: Pivot; worth: number } | undefined
  for (const check of possibleChecks(planned)) {
    for (const sign of openSigns(check, planned)) {
      const shown = prediction.of(sign)
      for (let j = 0; j < shown.states; j++) {
        const after = leadAfter(prediction, shown, j, lead)
        if (after.top === lead || after.chance < LEAST_CHANCE) continue
        if (best && after.worth <= best.worth) continue
        const pivot = {
          check: check.id,
          sign: sign.sign.id,
          state: sign.sign.states[j]!,
          chance: after.chance,
          newLead: faults[after.top]!.id,
          newLeadProbability: after.joint / after.chance,
        }
        best = { pivot, worth: after.worth }
      }
    }
  }
  return best?.pivot
}

/**
 * What a reading that shows a state makes of the lead. P(state, fault) is what the base row makes of P(fault), and by
 * how much the sets of other rows differ from that.
 */
function leadAfter(
  { weights, flat, faults }: Prediction,
  { states, row, base, listed, chance }: Shown,
  state: number,
  lead: number,
): Lead {
  const whole = chance[base * states + state]!
  const joint = new Float64Array(faults.length + 1)
  for (let f = 0; f < faults.length; f++) joint[f] = whole * faults[f]!
  let sum = whole
  for (let at = 0; at < listed.length; at++) {
    const i = listed[at]!
    const more = weights[i]! * (chance[row[i]! * states + state]! - whole)
    sum += more
    joint[flat[3 * i]!]! += more
    joint[flat[3 * i + 1]!]! += more
    joint[flat[3 * i + 2]!]! += more
  }
  let top = 0
  for (let f = 1; f < faults.length; f++) if (joint[f]! > joint[top]!) top = f
  return { chance: sum, top, joint: joint[top]!, worth: joint[top]! - joint[lead]! }
}
