import { EpochTable } from './epoch-table'
import { combineReadings, gatherEvidence, SignLikelihood, type Evidence, type PlacedReading } from './evidence'
import type { Model, SignModel } from './model'
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

/** One key's evidence, to be put in place of what was there; undefined takes it out. */
export interface Change {
  sign: string
  epoch: number
  factor: Float64Array | undefined
}

interface Term {
  likelihood: SignLikelihood
  /** multiply by it, or divide */
  up: boolean
}

/** Multiplies each set's figure by the term, or divides. The common case, two states and no override, runs in a loop of its own. */
function multiply(out: Float64Array, { likelihood, up }: Term, members: Int16Array, visit: Int32Array | undefined) {
  const plain = likelihood.plain()
  if (plain) {
    const { last, b, dense } = plain
    for (let v = 0; v < out.length; v++) {
      const at = 3 * (visit ? visit[v]! : v)
      const value = last + b * dense[members[at]!]! * dense[members[at + 1]!]! * dense[members[at + 2]!]!
      out[v] = up ? out[v]! * value : out[v]! / value
    }
    return
  }
  for (let v = 0; v < out.length; v++) {
    const at = 3 * (visit ? visit[v]! : v)
    const value = likelihood.ofFaults(members[at]!, members[at + 1]!, members[at + 2]!)
    out[v] = up ? out[v]! * value : out[v]! / value
  }
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
  private readonly visitList: Int32Array
  private visit = 0
  private readonly buffers: Float64Array[] = []
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
    this.visitList = new Int32Array(kept.length)
    const faults = new Float64Array(model.faults.length + 1)
    const now = this.epoch(this.epochs - 1).members
    let mass = 0
    for (let i = 0; i < kept.length; i++) {
      const w = this.keptWeights[i]!
      mass += w
      faults[now[3 * i]!]! += w
      faults[now[3 * i + 1]!]! += w
      faults[now[3 * i + 2]!]! += w
    }
    this.keptFaults = faults
    this.keptMass = mass
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
  reweigh(changes: ReadonlyMap<string, Change>): Float64Array | undefined {
    const { kept, model, keptWeights } = this
    const n = model.faults.length
    const byEpoch = new Map<number, Change[]>()
    for (const change of changes.values()) byEpoch.set(change.epoch, [...(byEpoch.get(change.epoch) ?? []), change])
    const now = this.epoch(this.epochs - 1).members
    const faults = new Float64Array(n + 1)
    let total = 0
    const only = byEpoch.size === 1 ? [...byEpoch][0]! : undefined
    const base = only && this.ratioOfUntouched(...only)
    if (only && base !== undefined) {
      const visit = this.touched(only[0], only[1])
      const ratio = this.ratios(only[0], only[1], visit)!
      total = base * this.keptMass
      for (let f = 0; f < n; f++) faults[f] = base * this.keptFaults[f]!
      for (let v = 0; v < visit.length; v++) {
        const i = visit[v]!
        const w = keptWeights[i]! * (ratio[v]! - base)
        total += w
        faults[now[3 * i]!]! += w
        faults[now[3 * i + 1]!]! += w
        faults[now[3 * i + 2]!]! += w
      }
    } else {
      const weights = this.buffer(2, kept.length)
      weights.set(keptWeights)
      for (const [e, mine] of byEpoch) {
        const ratio = this.ratios(e, mine, undefined)
        if (!ratio) return undefined
        for (let i = 0; i < weights.length; i++) weights[i]! *= ratio[i]!
      }
      for (let i = 0; i < kept.length; i++) {
        const w = weights[i]!
        total += w
        faults[now[3 * i]!]! += w
        faults[now[3 * i + 1]!]! += w
        faults[now[3 * i + 2]!]! += w
      }
    }
    for (let f = 0; f < n; f++) faults[f]! /= total
    return faults.subarray(0, n)
  }

  /** Working memory, kept between calls: large fresh arrays cost more than the arithmetic. */
  private buffer(which: number, length: number): Float64Array {
    const made = (this.buffers[which] ??= new Float64Array(this.kept.length))
    return made.subarray(0, length)
  }

  private signsOf(changes: readonly Change[]): SignModel[] {
    return changes.map((c) => this.model.signs.get(c.sign)!)
  }

  /** The ratio of every set without a fault linked to the changed signs, where these depend on no condition and are linked to few faults. */
  private ratioOfUntouched(e: number, changes: readonly Change[]): number | undefined {
    const signs = this.signsOf(changes)
    const none = this.model.faults.length
    const linked = signs.reduce((sum, s) => sum + s.linked.length, 0)
    if (signs.some((s) => s.conditions !== 0) || linked * 3 > none * 2) return undefined
    return this.termsUnder(e, changes, signs, 0).reduce((value, t) => (t.up ? value * t.likelihood.ofFaults(none, none, none) : value / t.likelihood.ofFaults(none, none, none)), 1)
  }

  /** Kept sets that hold a fault linked to one of the changed signs. */
  private touched(e: number, changes: readonly Change[]): Int32Array {
    const { starts, lists } = this.holding(e)
    const mark = ++this.visit
    const { visited } = this
    const out = this.visitList
    let count = 0
    for (const sign of this.signsOf(changes))
      for (const f of sign.linked)
        for (let at = starts[f]!; at < starts[f + 1]!; at++) {
          const i = lists[at]!
          if (visited[i] === mark) continue
          visited[i] = mark
          out[count++] = i
        }
    return out.subarray(0, count)
  }

  private termsUnder(e: number, changes: readonly Change[], signs: readonly SignModel[], holds: number): Term[] {
    return changes.flatMap(({ factor }, c) => {
      const old = this.evidenceAt.get(`${signs[c]!.sign.id}@${e}`)
      return [
        ...(factor ? [{ likelihood: new SignLikelihood(signs[c]!, factor, holds), up: true }] : []),
        ...(old ? [{ likelihood: new SignLikelihood(signs[c]!, old.factor, holds), up: false }] : []),
      ]
    })
  }

  /** Kept sets that hold each fault in an epoch: those of fault f are lists[starts[f]] … lists[starts[f + 1] − 1]. */
  private holding(e: number): { starts: Int32Array; lists: Int32Array } {
    const epoch = this.epoch(e)
    if (epoch.holding) return epoch.holding
    const n = this.model.faults.length
    const { members } = epoch
    const starts = new Int32Array(n + 2)
    for (let at = 0; at < members.length; at++) starts[members[at]! + 1]!++
    for (let f = 0; f <= n; f++) starts[f + 1]! += starts[f]!
    const lists = new Int32Array(starts[n]!)
    const next = starts.slice()
    for (let at = 0; at < members.length; at++) {
      const f = members[at]!
      if (f < n) lists[next[f]!++] = (at / 3) | 0
    }
    return (epoch.holding = { starts, lists })
  }

  /**
   * How the likelihood of kept sets changes in one epoch: of those in `visit`, or of all. Undefined where a sign
   * depends on conditions that were not needed before.
   */
  private ratios(e: number, changes: readonly Change[], visit: Int32Array | undefined): Float64Array | undefined {
    const { table, members } = this.epoch(e)
    const signs = this.signsOf(changes)
    const usedMask = table.states.used.reduce((mask, k) => mask | (1 << k), 0)
    const mask = signs.reduce((m, s) => m | s.conditions, 0)
    if ((mask & ~usedMask) !== 0) return undefined
    const count = visit ? visit.length : this.kept.length
    if (mask === 0) {
      const out = this.buffer(0, count).fill(1)
      for (const term of this.termsUnder(e, changes, signs, 0)) multiply(out, term, members, visit)
      return out
    }
    const { places, sums, size } = this.conditionMarginal(e, mask)
    const out = this.buffer(0, count).fill(0)
    const part = this.buffer(1, count)
    for (let p = 0; p < size; p++) {
      for (let v = 0; v < count; v++) part[v] = sums[(visit ? visit[v]! : v) * size + p]!
      for (const term of this.termsUnder(e, changes, signs, places[p]!)) multiply(part, term, members, visit)
      for (let v = 0; v < count; v++) out[v]! += part[v]!
    }
    return out
  }

  /** P(fault now) without the readings of one source; `source` as in `sourceOf`. */
  without(source: string): Float64Array {
    return this.reweigh(this.changesWithout(source))!
  }

  private changesWithout(source: string) {
    const touched = new Map<string, Change>()
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
