import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { believe } from '../diagnosis/rank-case'
import type { Belief } from '../inference/belief'
import { scopeOf } from '../inference/conditions-of-epoch'
import { maskOf } from '../inference/elimination'
import { signLikelihood } from '../inference/sign-classes'
import type { SignModel } from '../inference/sign-model'
import { readCaseFile } from '../record/read'
import { openSigns, plannedOf, possibleChecks } from './next-check'
import { pivotAnswer } from './pivot'
import { predictionOf } from './predict'
import { chanceIn, entropyBits, normalise, takeShown } from './shown'
import { setBits } from './set-bits.fixture'

const CASES = ['01-minibus-radiator-seam', '07-camper-hot-in-traffic', '12-camper-wrong-cap']
const READING_RIGHT = 0.9

const cases = CASES.map((name) => {
  const input = readCaseFile(readFileSync(`data/demo/cases/${name}.json`, 'utf8'))
  const { belief } = believe(input)
  return { name, input, belief, prediction: predictionOf(belief) }
})

/**
 * P(state | members) under every state of the sign's conditions, weighed by P(state of the conditions | set), and given
 * what was read of the sign already.
 */
function summedPlainly(
  sign: SignModel,
  members: readonly number[],
  given: Float64Array,
  { evidence, epochs }: Belief,
): number[] {
  const scope = scopeOf(sign.conditions)
  const read = evidence.find((one) => one.sign === sign && one.epoch === epochs - 1)
  const others = sign.sign.states.length - 1
  const before = sign.sign.states.map((_, j) => {
    const wanted = Float64Array.from(sign.sign.states, (_, i) => (i === j ? 1 : 0))
    let sum = 0
    for (let state = 0; state < 1 << scope.length; state++) {
      const p = scope.reduce(
        (product, k, bit) => product * ((state >> bit) & 1 ? given[k]! : 1 - given[k]!),
        1,
      )
      sum += p * signLikelihood(sign, wanted, members, maskOf(scope, state))
    }
    return sum * (read?.factor[j] ?? 1)
  })
  const whole = before.reduce((sum, p) => sum + p, 0)
  return before.map(
    (p) => READING_RIGHT * (p / whole) + ((1 - READING_RIGHT) / others) * (1 - p / whole),
  )
}

describe.each(cases)('what readings would show in $name', ({ input, belief, prediction }) => {
  const signs = belief.model.signs.all()
  const conditions = belief.model.conditions.length
  const given = belief.conditionsOf(belief.heaviestSets(prediction.weights.length))

  it('is, set by set, the sum over every state of the hidden conditions', () => {
    for (const sign of signs) {
      const shown = prediction.of(sign)
      for (let i = 0; i < prediction.members.length; i += 23) {
        const own = given.subarray(i * conditions, (i + 1) * conditions)
        summedPlainly(sign, prediction.members[i]!, own, belief).forEach((p, j) =>
          expect(chanceIn(shown, i, j), `${sign.sign.id} set ${i}`).toBeCloseTo(p, 11),
        )
      }
    }
  })
  it('tells as much as the plain sum over sets says', () => {
    for (const sign of signs) {
      const shown = prediction.of(sign)
      const total = sign.sign.states.map(() => 0)
      let left = 0
      prediction.weights.forEach((w, i) => {
        const row = sign.sign.states.map((_, j) => chanceIn(shown, i, j))
        row.forEach((p, j) => (total[j]! += w * p))
        left += w * entropyBits(row)
      })
      const bits = entropyBits(total) - left
      expect(setBits(prediction.weights, shown), sign.sign.id).toBeCloseTo(bits, 11)
    }
  })
  it('is taken in by Bayes’ rule, several readings before the weights are made to sum to one', () => {
    const some = signs.filter((_, i) => i % 40 === 7)
    const taken = Float64Array.from(prediction.weights)
    some.forEach((sign) => takeShown(taken, prediction.of(sign), sign.columns))
    normalise(taken)
    const plain = prediction.weights.map((w, i) =>
      some.reduce((p, sign) => p * chanceIn(prediction.of(sign), i, sign.columns), w),
    )
    normalise(plain)
    taken.forEach((w, i) => expect(w).toBeCloseTo(plain[i]!, 12))
  })
  it('holds the answer that most changes the lead, found by trying every answer', () => {
    const planned = plannedOf(belief, input)
    const lead = belief.faults.indexOf(Math.max(...belief.faults))
    let most = 0
    for (const sign of possibleChecks(planned).flatMap((check) => openSigns(check, planned)))
      for (let j = 0; j <= sign.columns; j++) {
        const joint = new Float64Array(belief.faults.length)
        let chance = 0
        prediction.members.forEach((members, i) => {
          const w = prediction.weights[i]! * chanceIn(prediction.of(sign), i, j)
          chance += w
          members.forEach((f) => (joint[f]! += w))
        })
        const top = joint.indexOf(Math.max(...joint))
        if (top !== lead && chance >= 0.01) most = Math.max(most, joint[top]! - joint[lead]!)
      }
    const pivot = pivotAnswer(belief, input)
    expect(pivot === undefined).toBe(most === 0)
    if (!pivot) return
    const sign = belief.model.signs.get(pivot.sign)!
    const j = sign.sign.states.indexOf(pivot.state)
    const shown = prediction.of(sign)
    const after = prediction.weights.map((w, i) => w * chanceIn(shown, i, j))
    const chance = after.reduce((a, b) => a + b, 0)
    const joint = (f: number) =>
      after.reduce((sum, w, i) => (prediction.members[i]!.includes(f) ? sum + w : sum), 0)
    const top = joint(belief.model.faultIndex.get(pivot.newLead)!)
    expect(pivot.chance).toBeCloseTo(chance, 10)
    expect(pivot.newLeadProbability).toBeCloseTo(top / chance, 10)
    expect(top - joint(lead)).toBeCloseTo(most, 10)
  })
})
