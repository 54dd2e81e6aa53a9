import type { CaseInput } from '../record/case-input'
import type { Belief } from '../inference/belief'
import { guardMet } from '../inference/rank'
import type { CheckId } from '../checks/registry'
import { minutesOf, openSigns, plannedOf, possibleChecks, type Planned } from './next-check'
import { abnormalWith, type Prediction, predictionOf } from './predict'

/** The shop's prices. Without them everything is reckoned in hours of labour. */
export interface Prices {
  hourlyRate: number
  /** price of the part by fault id, in the shop's currency */
  parts: Readonly<Record<string, number>>
}

export interface TestOrReplace {
  fault: string
  probability: number
  /** cheapest open check that tells this fault from the rest, where there is one */
  test?: { check: CheckId; cost: number; power: number }
  replaceCost: number
  /** expected cost of changing the part now, wrong or right, in hours or the shop's currency */
  expectedReplaceFirst: number
  /** expected cost of testing first and changing it where the test says so */
  expectedTestFirst?: number
  advice: 'replace' | 'test' | 'look-elsewhere'
  guardsOpen: string[]
  /** probability, guards and cost together */
  enoughToOrder: boolean
}

const LEAST_PROBABILITY = 0.05
const SURE_ENOUGH = 0.8

/**
 * For each likely fault, whether it is cheaper to test or to change the part. Changing it costs R, and (1 − p) of
 * the time that was for nothing; testing costs T, and then R where the test says so: p·hit + (1 − p)·false alarm.
 * What comes after a wrong guess is the same on both ways and left out. Parts are in hours of labour unless the
 * shop's prices are given.
 */
export function testOrReplace(
  belief: Belief,
  input: CaseInput,
  facts: ReadonlySet<string>,
  prices?: Prices,
): TestOrReplace[] {
  const prediction = predictionOf(belief)
  const planned = plannedOf(belief, input)
  const perMinute = (prices?.hourlyRate ?? 1) / 60
  const out: TestOrReplace[] = []
  belief.model.faults.forEach((fault, f) => {
    const p = belief.faults[f]!
    if (
      p < LEAST_PROBABILITY ||
      fault.group === 'nothing-wrong' ||
      fault.group === 'not-in-the-book'
    )
      return
    const replaceCost =
      (prices?.parts[fault.id] ?? fault.cost.partHours * (prices?.hourlyRate ?? 1)) +
      fault.cost.minutes * perMinute
    const test = bestTest(planned, prediction, f, perMinute, replaceCost, p)
    const guardsOpen = fault.guards.filter((g) => !guardMet(g, facts)).map((g) => g.id)
    const expectedTestFirst =
      test &&
      test.cost +
        (p * test.hit + (1 - p) * test.falseAlarm) * replaceCost +
        p * (1 - test.hit) * replaceCost
    const advice =
      p < 0.15
        ? 'look-elsewhere'
        : expectedTestFirst !== undefined && expectedTestFirst < replaceCost
          ? 'test'
          : 'replace'
    out.push({
      fault: fault.id,
      probability: p,
      ...(test
        ? { test: { check: test.check, cost: test.cost, power: test.hit - test.falseAlarm } }
        : {}),
      replaceCost,
      expectedReplaceFirst: replaceCost,
      ...(expectedTestFirst === undefined ? {} : { expectedTestFirst }),
      advice,
      guardsOpen,
      enoughToOrder: guardsOpen.length === 0 && p >= SURE_ENOUGH && advice === 'replace',
    })
  })
  return out.sort((a, b) => b.probability - a.probability)
}

/** The open check whose best sign, read, leaves the least expected cost. */
function bestTest(
  planned: Planned,
  prediction: Prediction,
  fault: number,
  perMinute: number,
  replaceCost: number,
  p: number,
) {
  let best:
    { check: CheckId; cost: number; hit: number; falseAlarm: number; total: number } | undefined
  for (const check of possibleChecks(planned)) {
    if (check.asksKeeper) continue
    for (const sign of openSigns(check, planned)) {
      if (sign.classes.classOf[fault] === 0 && sign.causes.length === 0) continue
      const shown = prediction.of(sign)
      const { hit, alarm } = abnormalWith(prediction, shown, fault)
      if (!(prediction.faults[fault]! > 0 && prediction.faults[fault]! < 1)) continue
      const c = minutesOf(check) * perMinute
      const total = c + (p * hit + (1 - p) * alarm) * replaceCost + p * (1 - hit) * replaceCost
      if (hit - alarm > 0.3 && (!best || total < best.total))
        best = {
          check: check.id,
          cost: c,
          hit,
          falseAlarm: alarm,
          total,
        }
    }
  }
  return best
}
