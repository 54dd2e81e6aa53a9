import { signLikelihood } from '../inference/evidence'
import type { Model } from '../inference/model'
import { computePosterior, membersOf, type Repairs } from '../inference/posterior'
import type { PlacedReading } from '../inference/evidence'
import { COLD_CHECKS } from './cold-checks'

export interface NextCheck {
  check: string
  minutes: number
  /** expected information about the set of faults, bits; signs of one check are taken as independent and capped by the entropy left */
  bits: number
}

/**
 * Cold checks not yet done, by expected information per minute. For each sign, the mutual information between
 * its state and the set of faults under the posterior: H(state) − Σ_S P(S)·H(state | S).
 */
export function nextChecks(
  model: Model,
  readings: readonly PlacedReading[],
  repairs: Repairs,
  parts: readonly string[],
): NextCheck[] {
  const { all } = computePosterior(model, readings, repairs)
  const epoch = repairs.length - 1
  const spoken = new Set(readings.filter((r) => r.epoch === epoch).map((r) => r.sign))
  const heaviest = [...all.sets.keys()].sort((a, b) => all.sets[b]! - all.sets[a]!).slice(0, 1500)
  const gone = repairs.at(-1)!
  const sets = heaviest.map((s) => ({ p: all.sets[s]!, members: membersOf(model, s).filter((f) => !gone.has(f)) }))
  const left = entropy(sets.map((s) => s.p))
  const open = COLD_CHECKS.filter(({ check, signs }) => check === 'look-round' || !signs({ parts }).some((id) => spoken.has(id)))
  return open.map(({ check, minutes, signs }) => {
    let bits = 0
    for (const id of signs({ parts })) {
      const sign = model.signs.get(id)
      if (!sign || spoken.has(id)) continue
      const states = sign.sign.states.length
      const total = new Float64Array(states)
      let conditional = 0
      for (const { p, members } of sets) {
        const given = sign.sign.states.map((_, j) => {
          const unit = new Float64Array(states)
          unit[j] = 1
          return signLikelihood(sign, unit, members)
        })
        given.forEach((q, j) => (total[j]! += p * q))
        conditional += p * entropy(given)
      }
      bits += Math.max(0, entropy([...total]) - conditional)
    }
    return { check, minutes, bits: Math.min(bits, left) }
  })
    .filter((c) => c.bits > 0.01)
    .sort((a, b) => b.bits / b.minutes - a.bits / a.minutes)
}

function entropy(probabilities: readonly number[]): number {
  return probabilities.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0)
}
