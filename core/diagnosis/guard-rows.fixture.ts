import { isDeepStrictEqual } from 'node:util'
import { z } from 'zod'
import { behindEachOther, fieldsOf, withField } from '../checks/random-record.fixture'
import { ALL_CHECKS } from '../checks/registry'
import { Belief } from '../inference/belief'
import { buildModel, type Model } from '../inference/model'
import { BOOK } from '../knowledge/book'
import type { Fault } from '../knowledge/types'
import { type Complaint, REPORTED_COMPLAINTS } from '../vehicle/complaint'
import type { SystemProfile } from '../vehicle/profile'
import { assess } from './assess'
import { inputOf } from './case-of.fixture'
import { type Finding, findings } from './findings.fixture'
import { timelineOf } from './rank-case'
import { spelt } from '../planning/showing'
import { vehiclesOfVignettes } from './vignette.fixture'

/** What a fault that is shown by all that its guards ask for has at least. */
export const DESERVES = 0.85
/** Of two findings the one with more in it is taken only where it makes the odds of the fault so many times better. */
const WORTH_MORE = 1.2

/** A vehicle of the vignettes with one of the complaints. */
interface Vehicle {
  complaint: Complaint
  profile: SystemProfile
  model: Model
}
const VEHICLES: readonly Vehicle[] = vehiclesOfVignettes().flatMap((profile) =>
  REPORTED_COMPLAINTS.map((complaint) => ({
    complaint,
    profile,
    model: buildModel(BOOK, complaint, profile),
  })),
)

const SCHEMAS = new Map(ALL_CHECKS.flatMap((check) => Object.entries(check.records)))

const isShownAlone = (fact: string) => ALL_CHECKS.some(({ shows }) => shows?.includes(fact))

/** All ways to meet every guard of a fault, as facts. */
export const waysOf = ({ guards }: Fault): string[][] =>
  guards
    .reduce<string[][]>(
      (ways, { anyOf }) =>
        ways.flatMap((way) =>
          anyOf.flatMap((row) => spelt(row, isShownAlone)).map((row) => [...way, ...row]),
        ),
      [[]],
    )
    .map((way) => [...new Set(way)])

/** The least that some faults together have in each complaint. */
export type Proof = (together: readonly string[]) => [Complaint, number][]

/**
 * What is left of a fault, and of others with it, when records show these facts and nothing else: those that make it
 * likeliest where most else is possible, told on every vehicle on which they show them.
 */
export function proofBy(fault: Fault, facts: readonly string[]): Proof {
  const own = VEHICLES.filter(({ model }) => model.faultIndex.has(fault.id))
  const able = own.filter((vehicle) => facts.every((fact) => isShownOn(vehicle, fact)))
  if (able.length === 0) throw new Error(`nothing shows ${facts.join(' + ')}`)
  const before = able.map((vehicle) => ({
    vehicle,
    probability: untold(vehicle).faults[vehicle.model.faultIndex.get(fault.id)!]!,
  }))
  const { complaint } = before.reduce((a, b) => (b.probability > a.probability ? b : a)).vehicle
  const widest = able
    .filter((vehicle) => vehicle.complaint === complaint)
    .reduce((a, b) => (b.model.faults.length > a.model.faults.length ? b : a))
  const chosen = chooseFindings(facts, widest, fault)
  const proven = own
    .map((vehicle) => ({ ...vehicle, ...told(vehicle, chosen, fault) }))
    .filter(({ shown }) => facts.every((fact) => shown.has(fact)))
  return (together) =>
    REPORTED_COMPLAINTS.flatMap((one): [Complaint, number][] => {
      const sums = proven
        .filter((vehicle) => vehicle.complaint === one)
        .map(({ model, belief }) =>
          together.reduce(
            (sum, id) => sum + (belief.faults[model.faultIndex.get(id) ?? -1] ?? 0),
            0,
          ),
        )
      return sums.length > 0 ? [[one, Math.min(...sums)]] : []
    })
}

/** For each fact the finding that, with the others, makes a fault likeliest; each is chosen twice beside others. */
function chooseFindings(facts: readonly string[], vehicle: Vehicle, fault: Fault): Finding[] {
  const chosen = new Map<string, Finding>()
  for (const fact of facts.length > 1 ? [...facts, ...facts] : facts) {
    const before = chosen.get(fact)
    chosen.delete(fact)
    const others = [...chosen.values()]
    const oddsWith = (finding: Finding) => {
      const { probability, shown } = told(vehicle, [...others, finding], fault)
      return shown.has(fact) ? probability / Math.max(1e-12, 1 - probability) : -1
    }
    const best = bestOf([...(before ? [before] : []), ...findings.get(fact)!], oddsWith)
    chosen.set(fact, withBestAnswers(best, oddsWith))
  }
  return [...chosen.values()]
}

/** The first of the findings that none makes the odds much better than. */
const bestOf = (all: readonly Finding[], oddsWith: (finding: Finding) => number): Finding =>
  all
    .map((finding) => ({ finding, odds: oddsWith(finding) }))
    .reduce((best, one) => (one.odds > WORTH_MORE * best.odds ? one : best)).finding

/** A finding with each of its choices answered as makes the odds best. */
function withBestAnswers(finding: Finding, oddsWith: (finding: Finding) => number): Finding {
  let best = finding
  for (const [at, { kind }] of finding.entries())
    for (const { path, schema } of fieldsOf(SCHEMAS.get(kind)!)) {
      if (!(schema instanceof z.ZodEnum)) continue
      const answered = schema.options.flatMap((option) => {
        const data = withField(best[at]!.data, path, (old) => (old === undefined ? old : option))
        const isOther = data !== undefined && !isDeepStrictEqual(data, best[at]!.data)
        return isOther && SCHEMAS.get(kind)!.safeParse(data).success
          ? [best.map((entry, i) => (i === at ? { ...entry, data } : entry))]
          : []
      })
      best = bestOf([best, ...answered], oddsWith)
    }
  return best
}

/** What is worked out of a vehicle once, for all faults that ask. */
function oncePerVehicle<T>(work: (vehicle: Vehicle) => T): (vehicle: Vehicle) => T {
  const known = new Map<Vehicle, T>()
  return (vehicle) => {
    if (!known.has(vehicle)) known.set(vehicle, work(vehicle))
    return known.get(vehicle)!
  }
}
/** What is believed of a vehicle of which nothing was recorded. */
const untold = oncePerVehicle(({ model }) => new Belief(model, []))
const shownFacts = oncePerVehicle(() => new Map<string, boolean>())

/** Whether any finding shows a fact on a vehicle. */
function isShownOn(vehicle: Vehicle, fact: string): boolean {
  const known = shownFacts(vehicle)
  if (!known.has(fact))
    known.set(
      fact,
      (findings.get(fact) ?? []).some((finding) =>
        assess(inputOf(behindEachOther([finding]), vehicle)).facts.has(fact),
      ),
    )
  return known.get(fact)!
}

/** What findings, and nothing else, say of a fault on a vehicle. */
function told(vehicle: Vehicle, list: readonly Finding[], { id }: Fault) {
  const { model } = vehicle
  const { readings, facts, works } = assess(inputOf(behindEachOther(list), vehicle))
  const belief = new Belief(model, readings, timelineOf(model, works))
  return { belief, shown: facts, probability: belief.faults[model.faultIndex.get(id)!]! }
}
