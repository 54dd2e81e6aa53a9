import { placeOfElements } from './class-factor'
import { classTable, productOf, type ClassTable } from './class-table'
import { ConditionsOfEpoch } from './conditions-of-epoch'
import { countUp, faultsOf, type Counts } from './counts'
import { countByDifferences, momentsOf, type Moments } from './differences'
import type { Summed } from './elimination'
import { elementsOf, type Elements } from './elements'
import {
  combineReadings,
  gatherEvidence,
  keyOf,
  type Change,
  type Evidence,
  type PlacedReading,
} from './evidence'
import { HeavySets, type WeighedSet } from './heavy-sets'
import { conditionGiven, type ConditionGiven, ratioOnElements, ratiosOf } from './leave-out'
import type { Model } from './model'
import { placesAmong, valuesOf } from './multisets'
import { classLikelihood } from './sign-classes'
import type { Newcomer, Timeline } from './timeline'
import { twinsOf, type Twins } from './twins'
import { weightsByPlace, weightWithin } from './weight-sums'
import { weigh, type Weights } from './weights'

/**
 * The posterior over every allowed set of faults, exact, from the readings of a case: sets true at the beginning,
 * each with at most one newcomer that the work on the vehicle brought in. Faults that nothing read so far can tell
 * apart are summed up together, hidden conditions are summed out by their classes, and no set is cut off. Conditions of an
 * `earlier` belief of the same vehicle are taken over where nothing was read since that depends on them.
 */
export class Belief {
  readonly epochs: number
  readonly elements: Elements
  readonly evidence: readonly Evidence[]
  /** hidden conditions of each epoch */
  readonly conditions: readonly ConditionsOfEpoch[]
  readonly twins: Twins
  readonly weights: Weights
  readonly counts: Counts
  /** P(fault present in the last epoch) */
  readonly faults: Float64Array
  private readonly sets: HeavySets
  private knownMoments: Moments | undefined
  private readonly placesIn = new Map<Summed, Int32Array>()
  private readonly given = new Map<number, ConditionGiven | undefined>()

  constructor(
    readonly model: Model,
    readonly readings: readonly PlacedReading[],
    readonly timeline: Timeline = [],
    earlier?: Belief,
  ) {
    this.epochs = timeline.length + 1
    this.elements = elementsOf(model.faults.length, timeline)
    this.evidence = gatherEvidence(model.signs, readings, this.elements)
    this.conditions = Array.from({ length: this.epochs }, (_, epoch) => {
      const own = this.evidence.filter((e) => e.epoch === epoch && e.sign.conditions !== 0)
      const known = earlier?.model === model && sameTimeline(earlier.timeline, timeline)
      const before = known ? earlier.conditions[epoch]! : undefined
      return before?.isOf(own) ? before : new ConditionsOfEpoch(model, own, this.elements, epoch)
    })
    const plain = this.evidence.filter((e) => e.sign.conditions === 0)
    const summed = this.conditions.flatMap((ofEpoch) => ofEpoch.summed)
    const partitions = [...plain.map((e) => e.partition), ...summed]
    this.twins = twinsOf(model, this.elements, partitions)
    const tables = plain.map(({ sign, factor, partition }) =>
      this.table(partition, valuesOf(partition.count, classLikelihood(sign, factor, 0))),
    )
    this.weights = weigh(model, this.twins, this.elements, timeline, {
      apart: tables.filter((table) => !isExtreme(table)),
      whole: [
        ...tables.filter(isExtreme),
        ...summed.map((group) => this.table(group, group.values)),
      ],
    })
    this.counts = countUp(this.weights)
    if (!(this.counts.total > 0))
      throw new RangeError('the readings leave no set of faults possible')
    this.faults = faultsOf(this.counts, model, this.twins, this.elements)
    this.sets = new HeavySets(this.weights, this.twins, model.weights.odds, this.counts.total)
  }

  get newcomers(): readonly Newcomer[] {
    return this.elements.newcomers
  }

  /** A function of classes as one of twins and newcomers. */
  private table(partition: Parameters<typeof classTable>[0], values: Float64Array): ClassTable {
    return classTable(partition, values, this.elements, this.twins)
  }

  private get moments(): Moments {
    return (this.knownMoments ??= momentsOf(this.weights))
  }

  /** Up to `count` of the heaviest sets, heaviest first. */
  heaviestSets(count: number): readonly WeighedSet[] {
    return this.sets.heaviest(count)
  }

  /** Every set that has a weight; many. */
  allSets(): WeighedSet[] {
    return this.sets.all()
  }

  /** Faults of a set that are present in an epoch (default: now), rising. */
  present({ faults, newcomer }: WeighedSet, epoch = this.epochs - 1): number[] {
    if (this.epochs === 1) return [...faults]
    const stands = this.elements.standsIn[epoch]!
    const out = faults.filter((f) => stands[f])
    const came = this.elements.faults + newcomer
    if (newcomer >= 0 && stands[came]) out.push(this.elements.fault[came]!)
    return out.sort((a, b) => a - b)
  }

  /** P(all members of the set now are among the faults counted); alike faults are both counted or both not. */
  onlyOf(isCounted: (fault: number) => boolean): number {
    const { faults, fault, standsIn } = this.elements
    const stands = standsIn.at(-1)!
    const isOut = (e: number) => stands[e] === 1 && !isCounted(fault[e]!)
    const ofTwins = Array.from(this.twins.first, isOut)
    const ofNewcomers = this.newcomers.map((_, x) => isOut(faults + x))
    return weightWithin(this.weights, ofTwins, ofNewcomers) / this.counts.total
  }

  /** P(condition now | evidence), of the conditions that the readings now depend on. */
  conditionsNow(): { condition: string; probability: number }[] {
    const byGroup = new Map<Summed, Float64Array>()
    return this.conditions.at(-1)!.used.map((k) => {
      const { group, values } = this.givenNow(k)!
      const sets =
        byGroup.get(group) ?? weightsByPlace(this.weights, this.groupTable(group, values))
      byGroup.set(group, sets)
      const holding = values.reduce((sum, value, x) => sum + value * sets[x]!, 0)
      return { condition: this.model.conditions[k]!.id, probability: holding / this.counts.total }
    })
  }

  /** P(condition now | set, evidence) by the classes of its group; found once. */
  private givenNow(condition: number): ConditionGiven | undefined {
    if (!this.given.has(condition))
      this.given.set(condition, conditionGiven(this.conditions.at(-1)!, condition))
    return this.given.get(condition)
  }

  /** A function of the classes of a group of conditions; where each set stands among them is found once. */
  groupTable(group: Summed, values: Float64Array): ClassTable {
    const table = this.table(group, values)
    const places = this.placesIn.get(group) ?? placesAmong(table.ofTwin, table.count)
    this.placesIn.set(group, places)
    return { ...table, places }
  }

  /**
   * P(condition now | set, evidence), for each of the given sets and each condition of the book; a condition that
   * no evidence speaks of has what the set gives it.
   */
  conditionsOf(sets: readonly WeighedSet[]): Float64Array {
    const { conditions } = this.model
    const K = conditions.length
    const out = new Float64Array(sets.length * K)
    const given = conditions.map((_, k) => this.givenNow(k))
    sets.forEach((set, i) => {
      const members = this.present(set)
      const elements = this.elementsIn(set)
      conditions.forEach((condition, k) => {
        const known = given[k]
        if (known) {
          out[i * K + k] = known.values[placeOfElements(known.group, elements)]!
          return
        }
        let not = members.reduce((q, f) => q * condition.notByFault[f]!, condition.leakNot)
        for (let j = 0; j < k; j++) not *= 1 - out[i * K + j]! * (1 - condition.notByCondition[j]!)
        out[i * K + k] = 1 - not
      })
    })
    return out
  }

  /** The elements of a set, the newcomer among them. */
  private elementsIn({ faults, newcomer }: WeighedSet): number[] {
    return newcomer < 0 ? [...faults] : [...faults, this.elements.faults + newcomer]
  }

  /** P(fault now) without the readings of one source; `source` as in `sourceOf`. */
  without(source: string): Float64Array {
    return this.withChanges(this.changesWithout(source))
  }

  /** P(fault now) with some evidence changed, over all sets. */
  withChanges(changes: readonly Change[]): Float64Array {
    const ratios = ratiosOf(changes, this)
    const counts =
      countByDifferences(this.weights, this.moments, ratios) ??
      countUp(this.weights, this.fewer(ratios))
    return faultsOf(counts, this.model, this.twins, this.elements)
  }

  /** By how much the weight of single sets changes with some evidence. */
  ratioOnSets(change: Change): (set: WeighedSet) => number {
    const ratio = ratioOnElements(change, this)
    return (set) => ratio(this.elementsIn(set))
  }

  /** The same product in fewer tables, where going through all sets with each would cost more than joining them. */
  private fewer(tables: readonly ClassTable[]): readonly ClassTable[] {
    const apart = tables.filter(({ places }) => !places)
    if (apart.length < MANY_TABLES) return tables
    const joined = productOf(apart)
    const places = placesAmong(joined.ofTwin, joined.count)
    return [{ ...joined, places }, ...tables.filter((table) => table.places)]
  }

  private changesWithout(source: string): Change[] {
    const touched = new Set(
      this.readings.flatMap((one) => (sourceOf(one) === source ? [keyOf(one)] : [])),
    )
    return this.evidence.flatMap((was): Change[] => {
      if (!touched.has(was.key)) return []
      const left = this.readings.filter((one) => keyOf(one) === was.key && sourceOf(one) !== source)
      const factor = left.length > 0 ? combineReadings(was.sign.sign.states, left) : undefined
      return [{ was, factor }]
    })
  }

  /** P(fault now) after one more reading. */
  withOneMore(reading: PlacedReading): Float64Array {
    if (!this.model.signs.has(reading.sign)) return this.faults
    return new Belief(this.model, [...this.readings, reading], this.timeline, this).faults
  }
}

/** Whether the same work was done on a vehicle. */
const sameTimeline = (a: Timeline, b: Timeline): boolean =>
  (a.length === 0 && b.length === 0) || JSON.stringify(a) === JSON.stringify(b)

/** So many tables are joined before all sets are gone through. */
const MANY_TABLES = 3

/** Likelihoods that lie further apart than this are not taken apart into terms: these would lose digits. */
const MOST_APART = 1e5

function isExtreme({ values }: ClassTable): boolean {
  let least = Infinity
  let most = 0
  for (const value of values) {
    if (value < least) least = value
    if (value > most) most = value
  }
  return most > least * MOST_APART
}

/** The record or run a reading comes from; "id#part" names one aspect of it. */
export function sourceOf(reading: { source: string }): string {
  const at = reading.source.indexOf('#')
  return at < 0 ? reading.source : reading.source.slice(0, at)
}
