import type { EpochTable } from './epoch-table'
import { SignLikelihood } from './evidence'
import type { SignModel } from './model'
import { heaviest } from './heaviest'
import { holdersOf, type HoldersOf } from './holders'
import type { Change, Swept } from './swept'
import { setAt } from './sets'
import { multiply, type Term } from './sign-terms'

interface EpochKept {
  table: EpochTable
  /** members present in this epoch of each kept set, three each, n for none */
  members: Int16Array
  holding?: HoldersOf
  /** sums of `conditions` by mask of conditions */
  marginals: Map<number, { places: Int32Array; sums: Float64Array; size: number }>
}

/**
 * The heaviest sets of a belief, all but a stated mass, laid out so that some evidence can be taken out or put in
 * by multiplying their weights.
 */
export class KeptSets {
  /** indices of the sets, rising */
  readonly kept: Int32Array
  /** mass of the sets that are not kept */
  readonly lost: number
  private readonly weights: Float64Array
  private readonly mass: number
  /** Σ of the weights that hold each fault now; the last slot is for none */
  private readonly held: Float64Array
  private readonly visited: Int32Array
  private readonly visitList: Int32Array
  private visit = 0
  private readonly buffers: Float64Array[] = []
  private readonly epochsKept: (EpochKept | undefined)[] = []

  constructor(
    private readonly belief: Swept,
    lost: number,
  ) {
    const { kept, lost: left } = heaviest(belief.sets, lost)
    this.kept = kept
    this.lost = left
    this.weights = new Float64Array(kept.length)
    this.visited = new Int32Array(kept.length)
    this.visitList = new Int32Array(kept.length)
    this.held = new Float64Array(belief.model.faults.length + 1)
    for (let i = 0; i < kept.length; i++) this.weights[i] = belief.sets[kept[i]!]!
    const now = this.epoch(belief.epochs - 1).members
    let mass = 0
    for (let i = 0; i < kept.length; i++) {
      const w = this.weights[i]!
      mass += w
      this.held[now[3 * i]!]! += w
      this.held[now[3 * i + 1]!]! += w
      this.held[now[3 * i + 2]!]! += w
    }
    this.mass = mass
  }

  /** Every kept set as it is now: three members, the number of faults for none, and its weight. */
  forEachNow(visit: (a: number, b: number, c: number, weight: number) => void) {
    const { members } = this.epoch(this.belief.epochs - 1)
    for (let i = 0; i < this.kept.length; i++)
      visit(members[3 * i]!, members[3 * i + 1]!, members[3 * i + 2]!, this.weights[i]!)
  }

  /** P(fault now) over the kept sets, to compare with what `reweigh` gives. */
  faults(): Float64Array {
    return this.held.subarray(0, this.belief.model.faults.length).map((w) => w / this.mass)
  }

  private epoch(e: number): EpochKept {
    const known = this.epochsKept[e]
    if (known) return known
    const { kept } = this
    const { model } = this.belief
    const none = model.faults.length
    const members = new Int16Array(3 * kept.length).fill(none)
    for (let i = 0; i < kept.length; i++) {
      if (this.belief.epochs === 1) {
        const at = 3 * kept[i]!
        for (let k = 0; k < 3; k++)
          if (model.members[at + k]! >= 0) members[3 * i + k] = model.members[at + k]!
      } else this.belief.present(kept[i]!, e).forEach((f, k) => (members[3 * i + k] = f))
    }
    const fresh: EpochKept = { table: this.belief.tables[e]!, members, marginals: new Map() }
    this.epochsKept[e] = fresh
    return fresh
  }

  /** Index among the model's sets of what a kept set is in an epoch. */
  private setIn(i: number, e: number): number {
    const set = this.kept[i]!
    return this.belief.epochs === 1
      ? set
      : setAt(this.belief.model.sets, this.belief.present(set, e))
  }

  /** P(conditions of the mask | kept set, evidence), for each of their joint states. */
  private conditionMarginal(e: number, mask: number) {
    const epoch = this.epoch(e)
    const known = epoch.marginals.get(mask)
    if (known) return known
    const { H, states } = epoch.table
    const { used, holds } = states
    const { likelihood, joint } = this.belief.swept[e]!
    const bits = used.map((k, bit) => ({ k, bit })).filter(({ k }) => (mask >> k) & 1)
    const size = 1 << bits.length
    const place = Int32Array.from(holds, (_, h) =>
      bits.reduce((sum, { bit }, i) => sum | (((h >> bit) & 1) << i), 0),
    )
    const places = new Int32Array(size)
    place.forEach((p, h) => (places[p] = holds[h]! & mask))
    const sums = new Float64Array(this.kept.length * size)
    for (let i = 0; i < this.kept.length; i++) {
      const set = this.setIn(i, e)
      const whole = 1 / likelihood[set]!
      const row = set * H
      if (size === 2) {
        let holding = 0
        for (let h = 0; h < H; h++) if (place[h] === 1) holding += joint[row + h]!
        sums[2 * i + 1] = holding * whole
        sums[2 * i] = 1 - holding * whole
      } else for (let h = 0; h < H; h++) sums[i * size + place[h]!]! += joint[row + h]! * whole
    }
    const made = { places, sums, size }
    epoch.marginals.set(mask, made)
    return made
  }

  /** The hidden conditions now: P(condition | readings), over the kept sets. */
  conditionsNow(): { condition: string; probability: number }[] {
    const e = this.belief.epochs - 1
    const { H, states } = this.belief.tables[e]!
    if (H === 1) return []
    const { likelihood, joint } = this.belief.swept[e]!
    const mass = new Float64Array(H)
    for (let i = 0; i < this.kept.length; i++) {
      const set = this.setIn(i, e)
      const w = this.weights[i]! / likelihood[set]!
      for (let h = 0; h < H; h++) mass[h]! += w * joint[set * H + h]!
    }
    return states.used.map((k, bit) => {
      let probability = 0
      for (let h = 0; h < H; h++) if ((h >> bit) & 1) probability += mass[h]!
      return { condition: this.belief.model.conditions[k]!.id, probability }
    })
  }

  /**
   * P(fault now) with some evidence replaced: each key's new factor, or undefined to take it out. Only sets that
   * hold a fault linked to the changed signs are visited one by one; all others change by the same ratio. Returns
   * undefined where a new sign depends on conditions that this belief did not need; then it is built anew.
   */
  reweigh(changes: ReadonlyMap<string, Change>): Float64Array | undefined {
    const { kept, weights: keptWeights } = this
    const { model } = this.belief
    const n = model.faults.length
    const byEpoch = new Map<number, Change[]>()
    for (const change of changes.values())
      byEpoch.set(change.epoch, [...(byEpoch.get(change.epoch) ?? []), change])
    const now = this.epoch(this.belief.epochs - 1).members
    const faults = new Float64Array(n + 1)
    let total = 0
    const only = byEpoch.size === 1 ? [...byEpoch][0]! : undefined
    const base = only && this.ratioOfUntouched(...only)
    if (only && base !== undefined) {
      const visit = this.touched(only[0], only[1])
      const ratio = this.ratios(only[0], only[1], visit)!
      total = base * this.mass
      for (let f = 0; f < n; f++) faults[f] = base * this.held[f]!
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
    return changes.map((c) => this.belief.model.signs.get(c.sign)!)
  }

  /** The ratio of every set without a fault linked to the changed signs, where these depend on no condition and are linked to few faults. */
  private ratioOfUntouched(e: number, changes: readonly Change[]): number | undefined {
    const signs = this.signsOf(changes)
    const none = this.belief.model.faults.length
    const linked = signs.reduce((sum, s) => sum + s.linked.length, 0)
    if (signs.some((s) => s.conditions !== 0) || linked * 3 > none * 2) return undefined
    return this.termsUnder(e, changes, signs, 0).reduce(
      (value, t) =>
        t.up
          ? value * t.likelihood.ofFaults(none, none, none)
          : value / t.likelihood.ofFaults(none, none, none),
      1,
    )
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

  private termsUnder(
    e: number,
    changes: readonly Change[],
    signs: readonly SignModel[],
    holds: number,
  ): Term[] {
    return changes.flatMap(({ factor, as }, c) => {
      const old = this.belief.evidenceAt.get(`${signs[c]!.sign.id}@${e}`)
      return [
        ...(factor
          ? [{ likelihood: new SignLikelihood(as ?? signs[c]!, factor, holds), up: true }]
          : []),
        ...(old
          ? [{ likelihood: new SignLikelihood(signs[c]!, old.factor, holds), up: false }]
          : []),
      ]
    })
  }

  private holding(e: number): HoldersOf {
    const epoch = this.epoch(e)
    return (epoch.holding ??= holdersOf(epoch.members, this.belief.model.faults.length))
  }

  /**
   * How the likelihood of kept sets changes in one epoch: of those in `visit`, or of all. Undefined where a sign
   * depends on conditions that were not needed before.
   */
  private ratios(
    e: number,
    changes: readonly Change[],
    visit: Int32Array | undefined,
  ): Float64Array | undefined {
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
      for (const term of this.termsUnder(e, changes, signs, places[p]!))
        multiply(part, term, members, visit)
      for (let v = 0; v < count; v++) out[v]! += part[v]!
    }
    return out
  }
}
