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
  holding?: { starts: Int32Array; lists: Int32Array }
  /** sums of `conditions` by mask of conditions */
  marginals: Map<number, { places: Int32Array; sums: Float64Array; size: number }>
}

/** How much each kept set's likelihood changes: `same` for every set without a linked fault, where that holds. */
interface SetRatio {
  of: (keptSet: number) => number
  same: number | undefined
  linked: readonly number[]
}

/** Adds the weight of a kept set to the total and to its members; `now` holds three members each, the last slot for none. */
function add(i: number, weight: number, now: Int16Array, faults: Float64Array, total: { all: number }) {
  total.all += weight
  faults[now[3 * i]!]! += weight
  faults[now[3 * i + 1]!]! += weight
  faults[now[3 * i + 2]!]! += weight
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
  /** P(kept set), in the order of `kept` */
  private readonly keptWeights: Float64Array
  private readonly keptMass: number
  /** Σ of the kept sets' weights that hold each fault now */
  private readonly keptFaults: Float64Array
  private readonly evidenceAt: ReadonlyMap<string, Evidence>
  private readonly visited: Int32Array
  private visit = 0
  private readonly small: number
  private readonly tables: EpochTable[]
  /** of each epoch: P(evidence | set) and P(evidence, h | set) of the model's sets */
  private readonly swept: { likelihood: Float64Array; joint: Float64Array }[]
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
    this.swept = this.tables.map((table) => table.all(model.weight))
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
    this.keptWeights = new Float64Array(kept.length)
    for (let i = 0; i < kept.length; i++) this.keptWeights[i] = weights[kept[i]!]!
    this.evidenceAt = new Map(this.evidence.map((item) => [item.key, item]))
    this.visited = new Int32Array(kept.length)
    const sums = { all: 0 }
    const faults = new Float64Array(model.faults.length + 1)
    const now = this.epoch(this.epochs - 1).members
    for (let i = 0; i < kept.length; i++) add(i, this.keptWeights[i]!, now, faults, sums)
    this.keptFaults = faults
    this.keptMass = sums.all
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
    const likelihoods = this.swept.map((swept) => swept.likelihood)
    if (this.epochs === 1) {
      const only = likelihoods[0]!
      const out = new Float64Array(only.length)
      for (let s = 0; s < only.length; s++) out[s] = only[s]! * model.weight[s]!
      return out
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
    const members = new Int16Array(3 * kept.length).fill(none)
    for (let i = 0; i < kept.length; i++) {
      if (this.epochs === 1) {
        const at = 3 * kept[i]!
        for (let k = 0; k < 3; k++) if (model.members[at + k]! >= 0) members[3 * i + k] = model.members[at + k]!
      } else this.present(kept[i]!, e).forEach((f, k) => (members[3 * i + k] = f))
    }
    const fresh: EpochKept = { table: this.tables[e]!, members, marginals: new Map() }
    this.keptEpochs[e] = fresh
    return fresh
  }

  /** Index among the model's sets of what a kept set is in an epoch. */
  private setIn(i: number, e: number): number {
    const set = this.kept[i]!
    return this.epochs === 1 ? set : setAt(this.model.sets, this.present(set, e))
  }

  /** P(conditions of the mask | kept set, evidence), for each of their joint states. */
  private conditionMarginal(e: number, mask: number) {
    const epoch = this.epoch(e)
    const known = epoch.marginals.get(mask)
    if (known) return known
    const { H, states } = epoch.table
    const { used, holds } = states
    const { likelihood, joint } = this.swept[e]!
    const bits = used.map((k, bit) => ({ k, bit })).filter(({ k }) => (mask >> k) & 1)
    const size = 1 << bits.length
    const place = Int32Array.from(holds, (_, h) => bits.reduce((sum, { bit }, i) => sum | (((h >> bit) & 1) << i), 0))
    const places = new Int32Array(size)
    place.forEach((p, h) => (places[p] = holds[h]! & mask))
    const sums = new Float64Array(this.kept.length * size)
    for (let i = 0; i < this.kept.length; i++) {
      const set = this.setIn(i, e)
      const whole = 1 / likelihood[set]!
      for (let h = 0; h < H; h++) sums[i * size + place[h]!]! += joint[set * H + h]! * whole
    }
    const made = { places, sums, size }
    epoch.marginals.set(mask, made)
    return made
  }

  /** The hidden conditions now: P(condition | readings), over the kept sets. */
  conditionsNow(): { condition: string; probability: number }[] {
    const e = this.epochs - 1
    const { H, states } = this.tables[e]!
    if (H === 1) return []
    const { likelihood, joint } = this.swept[e]!
    const mass = new Float64Array(H)
    for (let i = 0; i < this.kept.length; i++) {
      const set = this.setIn(i, e)
      const w = this.keptWeights[i]! / likelihood[set]!
      for (let h = 0; h < H; h++) mass[h]! += w * joint[set * H + h]!
    }
    return states.used.map((k, bit) => {
      let probability = 0
      for (let h = 0; h < H; h++) if ((h >> bit) & 1) probability += mass[h]!
      return { condition: this.model.conditions[k]!.id, probability }
    })
  }

  /** Up to about `count` of the heaviest sets, heaviest first. */
  heaviestSets(count: number): number[] {
    const CLASSES = 80
    const tally = new Int32Array(CLASSES)
    const classOf = (w: number) => (w > 0 ? Math.min(CLASSES - 1, Math.floor(-2 * Math.log2(w))) : CLASSES - 1)
    for (let i = 0; i < this.kept.length; i++) tally[classOf(this.keptWeights[i]!)]!++
    let last = 0
    for (let sum = tally[0]!; sum < count && last < CLASSES - 1; ) sum += tally[++last]!
    const out: number[] = []
    for (let i = 0; i < this.kept.length; i++) if (classOf(this.keptWeights[i]!) <= last) out.push(this.kept[i]!)
    return out.sort((a, b) => this.sets[b]! - this.sets[a]!).slice(0, count)
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
   * P(fault now) with some evidence replaced: each key's new factor, or undefined to take it out. Only sets that
   * hold a fault linked to the changed signs are visited one by one; all others change by the same ratio. Returns
   * undefined where a new sign depends on conditions that this belief did not need; then it is built anew.
   */
  reweigh(changes: ReadonlyMap<string, { sign: string; epoch: number; factor: Float64Array | undefined }>): Float64Array | undefined {
    const { kept, model } = this
    const n = model.faults.length
    const touched = new Set([...changes.values()].map((c) => c.epoch))
    const now = this.epoch(this.epochs - 1).members
    const total = { all: 0 }
    const faults = new Float64Array(n + 1)
    if (touched.size === 1) {
      const e = [...touched][0]!
      const ratio = this.ratioOf(e, [...changes.values()])
      if (!ratio) return undefined
      this.addUp(e, ratio, now, faults, total)
    } else {
      const product = new Float64Array(kept.length).fill(1)
      for (const e of touched) {
        const ratio = this.ratioOf(e, [...changes.values()].filter((c) => c.epoch === e))
        if (!ratio) return undefined
        for (let i = 0; i < kept.length; i++) product[i]! *= ratio.of(i)
      }
      for (let i = 0; i < kept.length; i++) add(i, this.keptWeights[i]! * product[i]!, now, faults, total)
    }
    for (let f = 0; f < n; f++) faults[f]! /= total.all
    return faults.subarray(0, n)
  }

  private addUp(e: number, ratio: SetRatio, now: Int16Array, faults: Float64Array, total: { all: number }) {
    const { kept, keptWeights } = this
    if (ratio.same === undefined) {
      for (let i = 0; i < kept.length; i++) add(i, keptWeights[i]! * ratio.of(i), now, faults, total)
      return
    }
    const base = ratio.same
    total.all = base * this.keptMass
    for (let f = 0; f < this.model.faults.length; f++) faults[f] = base * this.keptFaults[f]!
    const { starts, lists } = this.holding(e)
    const mark = ++this.visit
    for (const f of ratio.linked)
      for (let at = starts[f]!; at < starts[f + 1]!; at++) {
        const i = lists[at]!
        if (this.visited[i] === mark) continue
        this.visited[i] = mark
        add(i, keptWeights[i]! * (ratio.of(i) - base), now, faults, total)
      }
  }

  /** Kept sets that hold each fault in an epoch: those of fault f are lists[starts[f]] … lists[starts[f + 1] − 1]. */
  private holding(e: number): { starts: Int32Array; lists: Int32Array } {
    const epoch = this.epoch(e)
    if (epoch.holding) return epoch.holding
    const n = this.model.faults.length
    const starts = new Int32Array(n + 2)
    for (const f of epoch.members) starts[f + 1]!++
    for (let f = 0; f <= n; f++) starts[f + 1]! += starts[f]!
    const lists = new Int32Array(starts[n]!)
    const next = starts.slice()
    epoch.members.forEach((f, at) => {
      if (f < n) lists[next[f]!++] = (at / 3) | 0
    })
    return (epoch.holding = { starts, lists })
  }

  /** How the likelihood of each kept set changes in one epoch. */
  private ratioOf(e: number, changes: readonly { sign: string; epoch: number; factor: Float64Array | undefined }[]): SetRatio | undefined {
    const epoch = this.epoch(e)
    const { members } = epoch
    const none = this.model.faults.length
    const usedMask = epoch.table.states.used.reduce((mask, k) => mask | (1 << k), 0)
    const signs = changes.map((c) => this.model.signs.get(c.sign)!)
    const mask = signs.reduce((m, s) => m | s.conditions, 0)
    if ((mask & ~usedMask) !== 0) return undefined
    const linked = [...new Set(signs.flatMap((s) => [...s.linked]))]
    const termsUnder = (holds: number) =>
      changes.flatMap(({ factor }, c) => {
        const old = this.evidenceAt.get(`${signs[c]!.sign.id}@${e}`)
        return [
          ...(factor ? [{ likelihood: new SignLikelihood(signs[c]!, factor, holds), up: true }] : []),
          ...(old ? [{ likelihood: new SignLikelihood(signs[c]!, old.factor, holds), up: false }] : []),
        ]
      })
    const product = (terms: ReturnType<typeof termsUnder>, a: number, b: number, c: number) => {
      let value = 1
      for (const t of terms) value = t.up ? value * t.likelihood.ofFaults(a, b, c) : value / t.likelihood.ofFaults(a, b, c)
      return value
    }
    if (mask === 0) {
      const terms = termsUnder(0)
      const only = terms.length === 1 && !terms[0]!.up ? terms[0]!.likelihood.plain() : undefined
      if (only) {
        const { last, b, dense } = only
        const of = (i: number) => 1 / (last + b * dense[members[3 * i]!]! * dense[members[3 * i + 1]!]! * dense[members[3 * i + 2]!]!)
        return { of, same: linked.length * 6 < none * 4 ? 1 / (last + b) : undefined, linked }
      }
      const of = (i: number) => product(terms, members[3 * i]!, members[3 * i + 1]!, members[3 * i + 2]!)
      return { of, same: linked.length * 6 < none * 4 ? product(terms, none, none, none) : undefined, linked }
    }
    const { places, sums, size } = this.conditionMarginal(e, mask)
    const under = Array.from(places, termsUnder)
    const of = (i: number) => {
      let sum = 0
      for (let p = 0; p < size; p++) sum += sums[i * size + p]! * product(under[p]!, members[3 * i]!, members[3 * i + 1]!, members[3 * i + 2]!)
      return sum
    }
    return { of, same: undefined, linked }
  }

  /** P(fault now) without the readings of one source; `source` as in `sourceOf`. */
  without(source: string): Float64Array {
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
    return this.reweigh(change) ?? new Belief(this.model, [...this.readings, reading], this.timeline).faults
  }
}

/** The record or run a reading comes from; "id#part" names one aspect of it. */
export function sourceOf(reading: { source: string }): string {
  const at = reading.source.indexOf('#')
  return at < 0 ? reading.source : reading.source.slice(0, at)
}

/** Indices of the heaviest sets, so that at most `lost` of the mass is left out; by halving classes of weight. */
function heaviest(weights: Float64Array, lost: number): { kept: Int32Array; lost: number } {
  const CLASSES = 120
  const mass = new Float64Array(CLASSES)
  const classes = new Uint8Array(weights.length)
  for (let s = 0; s < weights.length; s++) {
    const w = weights[s]!
    if (w === 0) continue
    const c = Math.min(CLASSES - 1, Math.floor(-Math.log2(w)))
    classes[s] = c
    mass[c]! += w
  }
  let last = CLASSES - 1
  let left = 0
  if (weights.length >= 4000) while (last > 0 && left + mass[last]! <= lost) left += mass[last--]!
  const kept = new Int32Array(weights.length)
  let count = 0
  for (let s = 0; s < weights.length; s++) if (weights[s]! > 0 && classes[s]! <= last) kept[count++] = s
  return { kept: kept.slice(0, count), lost: left }
}
