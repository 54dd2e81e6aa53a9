import { giveBack } from './buffers'
import { EpochTable } from './epoch-table'
import { combineReadings, gatherEvidence, type Evidence, type PlacedReading } from './evidence'
import { CLASSES, weightClass } from './heaviest'
import { KeptSets } from './kept-sets'
import type { Change } from './swept'
import type { Model } from './model'
import { membersAt, setAt } from './sets'
import { newcomers, presentIn, type Newcomer, type Timeline } from './timeline'

/** Mass that may be left out of the kept sets: for one more reading, and for leaving readings out. Figures are exact to about thirty times it. */
export const WIDE_LOST = 1e-9
export const NARROW_LOST = 1e-4
export const FEW_LOST = 1e-3

/**
 * The posterior over every allowed set of faults, exact, from the readings of a case: sets true at the beginning,
 * each with at most one newcomer that the work on the vehicle brought in. The heavy sets, all but `lost` of the
 * mass, are kept with their hidden conditions, so that one reading more or less costs a multiplication each.
 */
export class Belief {
  readonly newcomers: readonly Newcomer[]
  readonly epochs: number
  readonly evidence: readonly Evidence[]
  /** P(set): first the model's sets without newcomer, then for each newcomer the sets of at most two members */
  readonly sets: Float64Array
  /** P(fault present in the last epoch) */
  readonly faults: Float64Array
  readonly evidenceAt: ReadonlyMap<string, Evidence>
  readonly tables: readonly EpochTable[]
  readonly swept: { likelihood: Float64Array; joint: Float64Array }[]
  private readonly small: number
  private wideSets: KeptSets | undefined
  private narrowSets: KeptSets | undefined
  private fewSets: KeptSets | undefined

  constructor(
    readonly model: Model,
    readonly readings: readonly PlacedReading[],
    readonly timeline: Timeline = [],
  ) {
    const n = model.faults.length
    this.small = 1 + n + (n * (n - 1)) / 2
    this.newcomers = newcomers(timeline)
    this.epochs = timeline.length + 1
    this.evidence = gatherEvidence(model.signs, readings)
    this.tables = Array.from(
      { length: this.epochs },
      (_, e) =>
        new EpochTable(
          model,
          this.evidence.filter((item) => item.epoch === e),
        ),
    )
    this.swept = this.tables.map((table) => table.all(model.weight))
    const weights = this.weigh()
    let total = 0
    for (const w of weights) total += w
    if (!(total > 0)) throw new RangeError('the readings leave no set of faults possible')
    for (let s = 0; s < weights.length; s++) weights[s]! /= total
    this.sets = weights
    this.faults = this.marginals()
    this.evidenceAt = new Map(this.evidence.map((item) => [item.key, item]))
  }

  /** Sets that hold all but 1e-9 of the mass. */
  get wide(): KeptSets {
    return (this.wideSets ??= new KeptSets(this, WIDE_LOST))
  }

  /** Sets that hold all but 1e-4 of the mass: enough to say to a tenth of a deciban what each reading moves, and for summaries. */
  get narrow(): KeptSets {
    return (this.narrowSets ??= new KeptSets(this, NARROW_LOST))
  }

  /** Sets that hold all but a thousandth of the mass: enough to see whether the lead would change. */
  get few(): KeptSets {
    return (this.fewSets ??= new KeptSets(this, FEW_LOST))
  }

  /** Gives its working memory back for the next belief; nothing but `sets` and `faults` may be asked of it afterwards. */
  release(): void {
    for (const { likelihood, joint } of this.swept) {
      giveBack(likelihood)
      giveBack(joint)
    }
    this.swept.length = 0
  }

  conditionsNow(): { condition: string; probability: number }[] {
    return this.narrow.conditionsNow()
  }

  /** Members at the beginning and the newcomer of a set. */
  whatIs(set: number): { members: number[]; newcomer: Newcomer | undefined } {
    const { model, small } = this
    if (set < model.setCount) return { members: membersAt(model.members, set), newcomer: undefined }
    const beyond = set - model.setCount
    return {
      members: membersAt(model.members, beyond % small),
      newcomer: this.newcomers[Math.floor(beyond / small)]!,
    }
  }

  /** Faults of a set that are present in an epoch (default: now). */
  present(set: number, epoch = this.epochs - 1): number[] {
    if (this.epochs === 1) return membersAt(this.model.members, set)
    const { members, newcomer } = this.whatIs(set)
    return presentIn(this.timeline, members, newcomer, epoch)
  }

  private weigh(): Float64Array {
    const { model, small } = this
    const likelihoods = this.swept.map((swept) => swept.likelihood)
    if (this.epochs === 1) {
      const only = likelihoods[0]!
      const out = new Float64Array(only.length)
      for (let s = 0; s < only.length; s++) out[s] = only[s]! * model.weight[s]!
      return out
    }
    const weights = new Float64Array(model.setCount + this.newcomers.length * small)
    const of = (members: readonly number[], newcomer: Newcomer | undefined) =>
      likelihoods.reduce(
        (p, table, e) =>
          p * table[setAt(model.sets, presentIn(this.timeline, members, newcomer, e))]!,
        1,
      )
    for (let s = 0; s < model.setCount; s++) {
      const weight = model.weight[s]!
      if (weight === 0) continue
      const members = membersAt(model.members, s)
      let stays = 1
      if (s < small)
        this.newcomers.forEach((newcomer, i) => {
          if (!this.canCome(members, newcomer)) return
          stays -= newcomer.chance
          weights[model.setCount + i * small + s] = weight * newcomer.chance * of(members, newcomer)
        })
      weights[s] = weight * stays * of(members, undefined)
    }
    return weights
  }

  /** A fault that is there cannot come again, nor one that excludes what is there. */
  private canCome(members: readonly number[], newcomer: Newcomer): boolean {
    const { faults } = this.model
    const class_ = faults[newcomer.fault]!.excludes
    return presentIn(this.timeline, members, undefined, newcomer.from).every(
      (f) => f !== newcomer.fault && (class_ === undefined || faults[f]!.excludes !== class_),
    )
  }

  private marginals(): Float64Array {
    const { model, sets } = this
    const out = new Float64Array(model.faults.length)
    if (this.epochs > 1) {
      for (let s = 0; s < sets.length; s++)
        if (sets[s]! > 0) for (const f of this.present(s)) out[f]! += sets[s]!
      return out
    }
    const { members } = model
    for (let s = 1; s < sets.length; s++) {
      const p = sets[s]!
      if (p === 0) continue
      out[members[3 * s]!]! += p
      if (members[3 * s + 1]! >= 0) out[members[3 * s + 1]!]! += p
      if (members[3 * s + 2]! >= 0) out[members[3 * s + 2]!]! += p
    }
    return out
  }

  /** Up to `count` of the heaviest sets, heaviest first. */
  heaviestSets(count: number): number[] {
    const { kept } = this.narrow
    const { sets } = this
    const tally = new Int32Array(CLASSES)
    for (let i = 0; i < kept.length; i++) tally[weightClass(sets[kept[i]!]!)]!++
    let last = 0
    for (let sum = tally[0]!; sum < count && last < CLASSES - 1;) sum += tally[++last]!
    const out: number[] = []
    for (let i = 0; i < kept.length; i++)
      if (weightClass(sets[kept[i]!]!) <= last) out.push(kept[i]!)
    return out.sort((a, b) => sets[b]! - sets[a]!).slice(0, count)
  }

  /**
   * P(condition now | set, evidence), for each of the given sets and each condition of the book; a condition that
   * no evidence speaks of has what the set gives it.
   */
  conditionsOf(sets: readonly number[]): Float64Array {
    const { conditions } = this.model
    const K = conditions.length
    const out = new Float64Array(sets.length * K)
    const table = this.tables.at(-1)!
    const { used } = table.states
    const joint = new Float64Array(table.H)
    sets.forEach((set, i) => {
      const members = this.present(set)
      const sum = table.joint(members[0] ?? -1, members[1] ?? -1, members[2] ?? -1, joint)
      conditions.forEach((condition, k) => {
        const bit = used.indexOf(k)
        let p = 0
        if (bit >= 0) for (let h = 0; h < table.H; h++) p += (h >> bit) & 1 ? joint[h]! / sum : 0
        else {
          let not = members.reduce((q, f) => q * condition.notByFault[f]!, condition.leakNot)
          for (let j = 0; j < k; j++)
            not *= 1 - out[i * K + j]! * (1 - condition.notByCondition[j]!)
          p = 1 - not
        }
        out[i * K + k] = p
      })
    })
    return out
  }

  /** P(fault now) without the readings of one source; `source` as in `sourceOf`. */
  without(source: string): Float64Array {
    return this.narrow.reweigh(this.changesWithout(source))!
  }

  private changesWithout(source: string) {
    const touched = new Map<string, Change>()
    for (const reading of this.readings) {
      if (sourceOf(reading) !== source || !this.model.signs.has(reading.sign)) continue
      const key = `${reading.sign}@${reading.epoch}`
      if (touched.has(key)) continue
      const left = this.readings.filter(
        (r) => r.sign === reading.sign && r.epoch === reading.epoch && sourceOf(r) !== source,
      )
      const states = this.model.signs.get(reading.sign)!.sign.states
      touched.set(key, {
        sign: reading.sign,
        epoch: reading.epoch,
        factor: left.length > 0 ? combineReadings(states, left) : undefined,
      })
    }
    return touched
  }

  /** P(fault now) after one more reading, by multiplying the kept weights; built anew where that cannot be done. */
  withOneMore(reading: PlacedReading): Float64Array {
    const sign = this.model.signs.get(reading.sign)
    if (!sign) return this.faults
    const same = this.readings.filter((r) => r.sign === reading.sign && r.epoch === reading.epoch)
    const factor = combineReadings(sign.sign.states, [...same, reading])
    const change = new Map([
      [`${reading.sign}@${reading.epoch}`, { sign: reading.sign, epoch: reading.epoch, factor }],
    ])
    return (
      this.wide.reweigh(change) ??
      new Belief(this.model, [...this.readings, reading], this.timeline).faults
    )
  }
}

/** The record or run a reading comes from; "id#part" names one aspect of it. */
export function sourceOf(reading: { source: string }): string {
  const at = reading.source.indexOf('#')
  return at < 0 ? reading.source : reading.source.slice(0, at)
}
