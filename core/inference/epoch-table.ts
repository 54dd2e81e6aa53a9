import { takeBuffer } from './buffers'
import { SignLikelihood, type Evidence } from './evidence'
import type { ConditionModel, Model } from './model'

/**
 * The states of the hidden conditions that matter for some evidence: the conditions its signs depend on and all
 * that can bring those about. The others sum to one and are left out.
 */
export interface ConditionStates {
  /** indices of the book's conditions in use, rising */
  used: number[]
  /** mask over the book's conditions for each state h */
  holds: Int32Array
}

export function conditionStates(model: Model, evidence: readonly Evidence[]): ConditionStates {
  let mask = 0
  for (const { sign } of evidence)
    model.conditions.forEach((condition, k) => {
      if ((sign.conditions >> k) & 1) mask |= condition.ancestry
    })
  const used = model.conditions.map((_, k) => k).filter((k) => (mask >> k) & 1)
  const holds = new Int32Array(1 << used.length)
  for (let h = 0; h < holds.length; h++)
    used.forEach((k, bit) => (holds[h]! |= ((h >> bit) & 1) << k))
  return { used, holds }
}

/** Factors that turn "no condition's fault cause" into P(h | set): per used condition, what h and its parents leave. */
function parentFactors(
  conditions: readonly ConditionModel[],
  { used, holds }: ConditionStates,
): Float64Array {
  const H = holds.length
  const out = new Float64Array(used.length * H)
  used.forEach((k, bit) => {
    const condition = conditions[k]!
    for (let h = 0; h < H; h++) {
      let not = condition.leakNot
      for (let j = 0; j < k; j++) if ((holds[h]! >> j) & 1) not *= condition.notByCondition[j]!
      out[bit * H + h] = not
    }
  })
  return out
}

/**
 * P(evidence of one epoch, h | set) for sets of the model and states h of the hidden conditions.
 *
 * A sign's likelihood depends only on the members linked to it, so it is a product of terms of none, one, two and
 * three members: L(∅)·Π u(a)·Π p(a,b)·t(a,b,c), where p and t are 1 for members that do not meet in a sign. The
 * terms of all signs are multiplied once; a set then costs seven multiplications per state h, however many
 * readings there are.
 */
export class EpochTable {
  readonly states: ConditionStates
  readonly H: number
  private readonly base: Float64Array
  private readonly single: Float64Array
  private readonly pair: Float64Array
  /** place of a triple's terms in `triples`, −1 where all are 1 */
  private readonly tripleAt: Int32Array
  private triples: Float64Array
  private tripleCount = 0
  private readonly parents: Float64Array
  private readonly byFault: Float64Array[]

  constructor(
    private readonly model: Model,
    evidence: readonly Evidence[],
  ) {
    const n = model.faults.length
    this.states = conditionStates(model, evidence)
    const H = (this.H = this.states.holds.length)
    this.base = new Float64Array(H).fill(1)
    this.single = new Float64Array(n * H).fill(1)
    this.pair = new Float64Array(n * n * H).fill(1)
    this.tripleAt = new Int32Array(model.setCount).fill(-1)
    this.triples = new Float64Array(1024 * H)
    this.parents = parentFactors(model.conditions, this.states)
    this.byFault = this.states.used.map((k) => model.conditions[k]!.notByFault)
    for (const item of evidence) this.take(item)
  }

  private take({ sign, factor }: Evidence) {
    const { holds, used } = this.states
    const own = used.map((k, bit) => ({ k, bit })).filter(({ k }) => (sign.conditions >> k) & 1)
    const done = new Map<number, number[]>()
    for (let h = 0; h < this.H; h++) {
      const key = own.reduce((sum, { bit }, i) => sum | (((h >> bit) & 1) << i), 0)
      const same = done.get(key)
      if (same) same.push(h)
      else done.set(key, [h])
    }
    for (const hs of done.values())
      this.multiply(new SignLikelihood(sign, factor, holds[hs[0]!]!), sign.linked, hs)
  }

  private multiply(likelihood: SignLikelihood, linked: Int16Array, hs: number[]) {
    const { H, base, single, pair, model } = this
    const n = model.faults.length
    const m = linked.length
    const none = likelihood.ofPlaces(-1, -1, -1)
    const every = hs.length === H
    for (const h of hs) base[h]! *= none
    const alone = new Float64Array(m)
    const both = new Float64Array(m * m)
    for (let i = 0; i < m; i++) {
      alone[i] = likelihood.ofPlaces(i, -1, -1) / none
      for (const h of hs) single[linked[i]! * H + h]! *= alone[i]!
    }
    for (let i = 0; i < m; i++)
      for (let j = i + 1; j < m; j++) {
        const term = likelihood.ofPlaces(i, j, -1) / (none * alone[i]! * alone[j]!)
        both[i * m + j] = term
        const at = (linked[i]! * n + linked[j]!) * H
        if (every) for (let h = 0; h < H; h++) pair[at + h]! *= term
        else for (const h of hs) pair[at + h]! *= term
      }
    for (let i = 0; i < m; i++)
      for (let j = i + 1; j < m; j++) {
        const left = none * alone[i]! * alone[j]! * both[i * m + j]!
        const start = model.sets.triple[linked[i]! * n + linked[j]!]!
        for (let k = j + 1; k < m; k++) {
          const term =
            likelihood.ofPlaces(i, j, k) / (left * alone[k]! * both[i * m + k]! * both[j * m + k]!)
          if (Math.abs(term - 1) < 1e-15) continue
          const at = this.tripleTerms(start + linked[k]!)
          if (every) for (let h = 0; h < H; h++) this.triples[at + h]! *= term
          else for (const h of hs) this.triples[at + h]! *= term
        }
      }
  }

  private tripleTerms(set: number): number {
    let at = this.tripleAt[set]!
    if (at >= 0) return at
    const { H } = this
    at = this.tripleCount++ * H
    if (at + H > this.triples.length) {
      const larger = new Float64Array(this.triples.length * 2)
      larger.set(this.triples)
      this.triples = larger
    }
    this.triples.fill(1, at, at + H)
    return (this.tripleAt[set] = at)
  }

  /** Puts P(evidence, h | set) for every h into `out` and returns their sum. */
  joint(a: number, b: number, c: number, out: Float64Array): number {
    const { H, base, single, pair, triples, model } = this
    const n = model.faults.length
    let set = -1
    let triple = -1
    if (c >= 0) {
      set = model.sets.triple[a * n + b]! + c
      triple = this.tripleAt[set]!
    }
    this.conditionsGiven(a, b, c, out)
    let sum = 0
    for (let h = 0; h < H; h++) {
      let w = out[h]! * base[h]!
      if (a >= 0) w *= single[a * H + h]!
      if (b >= 0) w *= single[b * H + h]! * pair[(a * n + b) * H + h]!
      if (c >= 0) w *= single[c * H + h]! * pair[(a * n + c) * H + h]! * pair[(b * n + c) * H + h]!
      if (triple >= 0) w *= triples[triple + h]!
      out[h] = w
      sum += w
    }
    return sum
  }

  /** P(h | set): independent noisy-or of each condition given the set and the conditions before it. */
  conditionsGiven(a: number, b: number, c: number, out: Float64Array) {
    const { H, parents, byFault } = this
    out.fill(1, 0, H)
    for (let bit = 0; bit < byFault.length; bit++) {
      const row = byFault[bit]!
      let not = 1
      if (a >= 0) not *= row[a]!
      if (b >= 0) not *= row[b]!
      if (c >= 0) not *= row[c]!
      for (let h = 0; h < H; h++) {
        const p = not * parents[bit * H + h]!
        out[h]! *= (h >> bit) & 1 ? 1 - p : p
      }
    }
  }

  /**
   * P(evidence | set) of every set of the model, summed over the conditions, and P(evidence, h | set), H for each
   * set. One pass over the sets with the terms of the first two members carried; `skip` names sets without weight.
   */
  all(skip: Float64Array): { likelihood: Float64Array; joint: Float64Array } {
    const { H, model, single, pair, triples, tripleAt, parents, byFault } = this
    const n = model.faults.length
    const K = byFault.length
    const out = takeBuffer(model.setCount).fill(0)
    const joint = takeBuffer(H > 1 ? model.setCount * H : 0)
    const scratch = new Float64Array(H)
    const keep = (set: number, a: number, b: number) => {
      out[set] = this.joint(a, b, -1, scratch)
      if (H > 1) joint.set(scratch, set * H)
    }
    keep(0, -1, -1)
    for (let a = 0; a < n; a++) {
      keep(1 + a, a, -1)
      for (let b = a + 1; b < n; b++)
        if (!clashes(model, a, b)) keep(model.sets.pair[a * n + b]!, a, b)
    }
    if (n < 3) return { likelihood: out, joint }
    const two = new Float64Array(H)
    const notTwo = new Float64Array(K)
    for (let a = 0; a < n; a++)
      for (let b = a + 1; b < n; b++) {
        if (clashes(model, a, b)) continue
        const abAt = (a * n + b) * H
        for (let h = 0; h < H; h++)
          two[h] = this.base[h]! * single[a * H + h]! * single[b * H + h]! * pair[abAt + h]!
        for (let k = 0; k < K; k++) notTwo[k] = byFault[k]![a]! * byFault[k]![b]!
        const start = model.sets.triple[a * n + b]!
        for (let c = b + 1; c < n; c++) {
          const set = start + c
          if (skip[set] === 0) continue
          const cAt = c * H
          const acAt = (a * n + c) * H
          const bcAt = (b * n + c) * H
          const triple = tripleAt[set]!
          if (H === 1) {
            const p = two[0]! * single[c]! * pair[acAt]! * pair[bcAt]!
            out[set] = triple >= 0 ? p * triples[triple]! : p
            continue
          }
          const at = set * H
          joint[at] = 1
          for (let k = 0, half = 1; k < K; k++, half <<= 1) {
            const not = notTwo[k]! * byFault[k]![c]!
            const row = k * H
            for (let h = 0; h < half; h++) {
              const q = not * parents[row + h]!
              const whole = joint[at + h]!
              joint[at + h] = whole * q
              joint[at + half + h] = whole - whole * q
            }
          }
          let sum = 0
          if (triple >= 0)
            for (let h = 0; h < H; h++)
              sum += joint[at + h]! *=
                two[h]! *
                single[cAt + h]! *
                pair[acAt + h]! *
                pair[bcAt + h]! *
                triples[triple + h]!
          else
            for (let h = 0; h < H; h++)
              sum += joint[at + h]! *=
                two[h]! * single[cAt + h]! * pair[acAt + h]! * pair[bcAt + h]!
          out[set] = sum
        }
      }
    return { likelihood: out, joint }
  }
}

function clashes(model: Model, a: number, b: number): boolean {
  const class_ = model.faults[a]!.excludes
  return class_ !== undefined && class_ === model.faults[b]!.excludes
}
