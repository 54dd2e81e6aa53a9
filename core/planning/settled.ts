import type { Belief } from '../inference/belief'
import { guardMet } from '../inference/rank'
import type { Prediction } from './predict'

/** How likely the first suspect is, and the likeliest besides it that is not shown already. */
export interface Lead {
  first: number
  second: number
}

/** A lead this likely is what a plan works for. */
export const WANTED_LEAD = 0.9
/** Beside a lead, a second suspect that is likelier than this is still open. */
const STILL_OPEN = 0.1

/** Whether there is one suspect that is likely enough, and no second that is. */
export const isSettled = ({ first, second }: Lead): boolean =>
  first >= WANTED_LEAD && second <= STILL_OPEN

/**
 * The suspects that are shown, by their index: all that is asked of a proof is there, and they are as likely as a plan
 * wants a lead. One that is less likely is not shown, whatever was seen of it: something speaks against it.
 */
export function shownFaults(belief: Belief, facts: ReadonlySet<string>): ReadonlySet<number> {
  const shown = belief.model.faults.flatMap(({ guards }, f) => {
    const isProven = guards.length > 0 && guards.every((guard) => guardMet(guard, facts))
    return isProven && belief.faults[f]! >= WANTED_LEAD ? [f] : []
  })
  return new Set(shown)
}

/**
 * Probability of the leading suspect and of the likeliest other that is not among the `shown`, by the weights of the sets
 * that are played through, and by what the sets left out of these have; sets without any fault count as one suspect,
 * "nothing".
 */
export function firstTwo(
  weights: Float64Array,
  { flat, leftOut, lost }: Pick<Prediction, 'flat' | 'leftOut' | 'lost'>,
  shown: ReadonlySet<number>,
): Lead {
  const faults = leftOut.length
  const p = new Float64Array(faults + 1)
  p.set(leftOut)
  let nothing = 0
  for (let i = 0; i < weights.length; i++) {
    const w = weights[i]! * (1 - lost)
    if (flat[3 * i] === faults) nothing += w
    p[flat[3 * i]!]! += w
    p[flat[3 * i + 1]!]! += w
    p[flat[3 * i + 2]!]! += w
  }
  p[faults] = nothing
  let lead = 0
  for (let f = 1; f <= faults; f++) if (p[f]! > p[lead]!) lead = f
  let second = 0
  for (let f = 0; f <= faults; f++)
    if (f !== lead && p[f]! > second && !shown.has(f)) second = p[f]!
  return { first: p[lead]!, second }
}
