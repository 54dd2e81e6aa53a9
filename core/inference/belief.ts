import { EpochTable } from './epoch-table'
import { combineReadings, gatherEvidence, SignLikelihood, type Evidence, type PlacedReading } from './evidence'
import type { Model } from './model'
import { membersAt, setAt } from './sets'
import { newcomers, presentIn, type Newcomer, type Timeline } from './timeline'

/** Mass of sets that may be left out of the kept ones; leave-one-out figures are exact to about a hundred times it. */
export const LOST_MASS = 1e-9

interface EpochKept {
  table: EpochTable
  /** members present in this epoch of each kept set, three each, n for none */
  members: Int16Array
  /** P(h | set, evidence) of each kept set, H each */
  conditions: Float64Array
  /** sums of `conditions` by mask of conditions */
  marginals: Map<number, { places: Int32Array; sums: Float64Array; size: number }>
}

/** Kept sets under changed evidence. */
export interface Reweighed {
  /** P(fault present now) */
  faults: Float64Array
  /** P(kept set), in the order of `Belief.kept` */
  sets: Float64Array
}

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
  /** log P(readings) up to a constant of the readings */
  readonly logEvidence: number
  /** indices into `sets` of the heaviest, heaviest not first */
  readonly kept: Int32Array
  /** mass of the sets that are not kept */
  readonly lost: number
  private readonly small: number
  private readonly tables: EpochTable[]
  private readonly keptEpochs: (EpochKept | undefined)[] = []

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
    this.tables = Array.from({ length: this.epochs }, (_, e) => new EpochTable(model, this.evidence.filter((item) => item.epoch === e)))
    const weights = this.weigh()
    let total = 0
    for (const w of weights) total += w
    if (!(total > 0)) throw new RangeError('the readings leave no set of faults possible')
    for (let s = 0; s < weights.length; s++) weights[s]! /= total
    this.sets = weights
    this.logEvidence = Math.log(total)
    const { kept, lost } = heaviest(weights, LOST_MASS)
    this.kept = kept
    this.lost = lost
    this.faults = this.marginals()
  }

  /** Members at the beginning and the newcomer of a set. */
  whatIs(set: number): { members: number[]; newcomer: Newcomer | undefined } {
    const { model, small } = this
    if (set < model.setCount) return { members: membersAt(model.members, set), newcomer: undefined }
    const beyond = set - model.setCount
    return { members: membersAt(model.members, beyond % small), newcomer: this.newcomers[Math.floor(beyond / small)]! }
  }

  /** Faults of a set that are present in an epoch (default: now). */
  present(set: number, epoch = this.epochs - 1): number[] {
    if (this.epochs === 1) return membersAt(this.model.members, set)
    const { members, newcomer } = this.whatIs(set)
    return presentIn(this.timeline, members, newcomer, epoch)
  }

  private weigh(): Float64Array {
    const { model, small } = this
    const likelihoods = this.tables.map((table) => table.all(model.weight))
    if (this.epochs === 1) {
      const only = likelihoods[0]!
      for (let s = 0; s < only.length; s++) only[s]! *= model.weight[s]!
      return only
    }
    const weights = new Float64Array(model.setCount + this.newcomers.length * small)
    const of = (members: readonly number[], newcomer: Newcomer | undefined) =>
      likelihoods.reduce((p, table, e) => p * table[setAt(model.sets, presentIn(this.timeline, members, newcomer, e))]!, 1)
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
      for (let s = 0; s < sets.length; s++) if (sets[s]! > 0) for (const f of this.present(s)) out[f]! += sets[s]!
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

  private epoch(e: number): EpochKept {
    const known = this.keptEpochs[e]
    if (known) return known
    const { kept, model } = this
    const none = model.faults.length
    const table = this.tables[e]!
    const members = new Int16Array(3 * kept.length).fill(none)
    const conditions = new Float64Array(kept.length * table.H)
    for (let i = 0; i < kept.length; i++) {
      let a: number, b: number, c: number
      if (this.epochs === 1) {
        const at = 3 * kept[i]!
        a = model.members[at]!
        b = model.members[at + 1]!
        c = model.members[at + 2]!
      } else [a = -1, b = -1, c = -1] = this.present(kept[i]!, e) as [number?, number?, number?]
      if (a >= 0) members[3 * i] = a
      if (b >= 0) members[3 * i + 1] = b
      if (c >= 0) members[3 * i + 2] = c
      const row = conditions.subarray(i * table.H, (i + 1) * table.H)
      const sum = table.joint(a, b, c, row)
      for (let h = 0; h < table.H; h++) row[h]! /= sum
    }
    const fresh: EpochKept = { table, members, conditions, marginals: new Map() }
    this.keptEpochs[e] = fresh
    return fresh
  }

  /** P(conditions of the mask | kept set, evidence), for each of their joint states. */
  private conditionMarginal(epoch: EpochKept, mask: number) {
    const known = epoch.marginals.get(mask)
    if (known) return known
    const { used, holds } = epoch.table.states
    const bits = used.map((k, bit) => ({ k, bit })).filter(({ k }) => (mask >> k) & 1)
    const size = 1 << bits.length
    const place = Int32Array.from(holds, (_, h) => bits.reduce((sum, { bit }, i) => sum | (((h >> bit) & 1) << i), 0))
    const places = new Int32Array(size)
    place.forEach((p, h) => (places[p] = holds[h]! & mask))
    const sums = new Float64Array(this.kept.length * size)
    const { H } = epoch.table
    for (let i = 0; i < this.kept.length; i++)
      for (let h = 0; h < H; h++) sums[i * size + place[h]!]! += epoch.conditions[i * H + h]!
    const made = { places, sums, size }
    epoch.marginals.set(mask, made)
    return made
  }

  /** The hidden conditions now: P(condition | readings), over the kept sets. */
  conditionsNow(): { condition: string; probability: number }[] {
    const e = this.epochs - 1
    const epoch = this.epoch(e)
    return epoch.table.states.used.map((k) => {
      const { sums, places, size } = this.conditionMarginal(epoch, 1 << k)
      let probability = 0
      for (let i = 0; i < this.kept.length; i++)
        for (let j = 0; j < size; j++) if (places[j]! >> k) probability += sums[i * size + j]! * this.sets[this.kept[i]!]!
      return { condition: this.model.conditions[k]!.id, probability }
    })
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
          for (let j = 0; j < k; j++) not *= 1 - out[i * K + j]! * (1 - condition.notByCondition[j]!)
          p = 1 - not
        }
        out[i * K + k] = p
      })
    })
    return out
  }

  /**
   * The kept sets with some evidence replaced: each key's new factor, or undefined to take it out. Returns
   * undefined where a new sign depends on conditions that this belief did not need; then it is built anew.
   */
  reweigh(changes: ReadonlyMap<string, { sign: string; epoch: number; factor: Float64Array | undefined }>): Reweighed | undefined {
    const { kept, model } = this
    const ratio = new Float64Array(kept.length).fill(1)
    for (let e = 0; e < this.epochs; e++) {
      const mine = [...changes].filter(([, change]) => change.epoch === e)
      if (mine.length > 0 && !this.reweighEpoch(e, mine, ratio)) return undefined
    }
    const sets = new Float64Array(kept.length)
    let total = 0
    for (let i = 0; i < kept.length; i++) total += sets[i] = this.sets[kept[i]!]! * ratio[i]!
    const n = model.faults.length
    const faults = new Float64Array(n + 1)
    const { members } = this.epoch(this.epochs - 1)
    for (let i = 0; i < kept.length; i++) {
      const p = (sets[i]! /= total)
      faults[members[3 * i]!]! += p
      faults[members[3 * i + 1]!]! += p
      faults[members[3 * i + 2]!]! += p
    }
    return { sets, faults: faults.subarray(0, n) }
  }

  private reweighEpoch(e: number, changes: [string, { sign: string; factor: Float64Array | undefined }][], ratio: Float64Array): boolean {
    const epoch = this.epoch(e)
    const { members } = epoch
    const usedMask = epoch.table.states.used.reduce((mask, k) => mask | (1 << k), 0)
    const mask = changes.reduce((m, [, { sign }]) => m | this.model.signs.get(sign)!.conditions, 0)
    if ((mask & ~usedMask) !== 0) return false
    const { places, sums, size } = this.conditionMarginal(epoch, mask)
    const terms = Array.from(places, (holds) =>
      changes.map(([key, { sign, factor }]) => {
        const model = this.model.signs.get(sign)!
        const old = this.evidence.find((item) => item.key === key)
        return {
          next: factor && new SignLikelihood(model, factor, holds),
          last: old && new SignLikelihood(model, old.factor, holds),
        }
      }),
    )
    for (let i = 0; i < ratio.length; i++) {
      const a = members[3 * i]!
      const b = members[3 * i + 1]!
      const c = members[3 * i + 2]!
      let sum = 0
      for (let p = 0; p < size; p++) {
        let term = size === 1 ? 1 : sums[i * size + p]!
        for (const { next, last } of terms[p]!) {
          if (next) term *= next.ofFaults(a, b, c)
          if (last) term /= last.ofFaults(a, b, c)
        }
        sum += term
      }
      ratio[i]! *= sum
    }
    return true
  }

  /** The kept sets without the readings of one source; `source` as in `sourceOf`. */
  without(source: string): Reweighed {
    return this.reweigh(this.changesWithout(source))!
  }

  private changesWithout(source: string) {
    const touched = new Map<string, { sign: string; epoch: number; factor: Float64Array | undefined }>()
    for (const reading of this.readings) {
      if (sourceOf(reading) !== source || !this.model.signs.has(reading.sign)) continue
      const key = `${reading.sign}@${reading.epoch}`
      if (touched.has(key)) continue
      const left = this.readings.filter((r) => r.sign === reading.sign && r.epoch === reading.epoch && sourceOf(r) !== source)
      const states = this.model.signs.get(reading.sign)!.sign.states
      touched.set(key, { sign: reading.sign, epoch: reading.epoch, factor: left.length > 0 ? combineReadings(states, left) : undefined })
    }
    return touched
  }

  /** P(fault now) after one more reading, by multiplying the kept weights; built anew where that cannot be done. */
  withOneMore(reading: PlacedReading): Float64Array {
    const sign = this.model.signs.get(reading.sign)
    if (!sign) return this.faults
    const same = this.readings.filter((r) => r.sign === reading.sign && r.epoch === reading.epoch)
    const factor = combineReadings(sign.sign.states, [...same, reading])
    const change = new Map([[`${reading.sign}@${reading.epoch}`, { sign: reading.sign, epoch: reading.epoch, factor }]])
    return this.reweigh(change)?.faults ?? new Belief(this.model, [...this.readings, reading], this.timeline).faults
  }
}

/** The record or run a reading comes from; "id#part" names one aspect of it. */
export function sourceOf(reading: { source: string }): string {
  const at = reading.source.indexOf('#')
  return at < 0 ? reading.source : reading.source.slice(0, at)
}

/** Indices of the heaviest sets, so that at most `lost` of the mass is left out; by halving classes of weight. */
function heaviest(weights: Float64Array, lost: number): { kept: Int32Array; lost: number } {
  const CLASSES = 200
  const mass = new Float64Array(CLASSES)
  const classOf = (w: number) => Math.min(CLASSES - 1, Math.floor(-Math.log2(w)))
  const small = weights.length < 4000
  const classes = new Uint8Array(weights.length)
  for (let s = 0; s < weights.length; s++)
    if (weights[s]! > 0) mass[(classes[s] = classOf(weights[s]!))]! += weights[s]!
  let last = CLASSES - 1
  let left = 0
  if (!small) while (last > 0 && left + mass[last]! <= lost) left += mass[last--]!
  const kept: number[] = []
  for (let s = 0; s < weights.length; s++) if (weights[s]! > 0 && classes[s]! <= last) kept.push(s)
  return { kept: Int32Array.from(kept), lost: left }
}
