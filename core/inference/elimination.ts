import {
  addProductInto,
  addTwoProductsInto,
  type ClassFactor,
  type Join,
  joinOf,
  type Partition,
} from './class-factor'
import { multisetsOf } from './multisets'

/** What is left when every condition is summed out: for each group of conditions that hang together, a row by multiset. */
export interface Summed extends Partition {
  /** conditions that were summed out into it */
  conditions: number
  values: Float64Array
}

/** Conditions, by a bit mask, that are known to hold or not to. */
export interface FixedConditions {
  mask: number
  holds: number
}
const EVERY_STATE: FixedConditions = { mask: 0, holds: 0 }
const NOTHING_REPLACED: ReadonlyMap<number, Float64Array> = new Map()

/** More than any bit mask of conditions. */
const MOST_STATES = 2 ** 20

/** One product of two factors, in which conditions that no other factor depends on are summed out. */
interface Step {
  left: number
  right: number
  out: number
  join: Join
  scope: readonly number[]
  sumsOut: readonly number[]
  /** conditions that its outcome depends on in any way, those summed out before it among them */
  involves: number
  /** outcomes by how the conditions involved were fixed */
  known: Map<number, Float64Array>
}

interface Slot extends Partition {
  scope: readonly number[]
  /** conditions that were summed out on the way to it */
  conditions: number
}

/**
 * Sums hidden conditions out of a product of class factors, one condition after the other: those of its factors are
 * multiplied two by two, those with the fewest classes first, and what no other factor depends on is summed out in the
 * last product. The steps, and where each multiset of a product stands in its two factors, are found once; `run` may then be called with
 * other values in the same factors. What is summed out next is the condition whose product is smallest.
 */
export class Elimination {
  private readonly slots: Slot[]
  private readonly steps: Step[] = []
  private readonly left: number[]

  private readonly factors: readonly ClassFactor[]

  constructor(factors: readonly ClassFactor[]) {
    this.factors = [...factors, oneFor(factors)]
    this.slots = this.factors.map(({ scope, count, classOf }) => ({
      scope,
      count,
      classOf,
      conditions: 0,
    }))
    let open = factors.map((_, at) => at)
    for (let next = this.cheapest(open); next; next = this.cheapest(open)) {
      const rest = open.filter((at) => !next!.of.includes(at))
      open = [...rest, this.sumOut(next.of, rest)]
    }
    this.left = open
  }

  /** The condition whose factors have the smallest product, and these factors. */
  private cheapest(open: readonly number[]): { condition: number; of: number[] } | undefined {
    const conditions = new Set(open.flatMap((at) => this.slots[at]!.scope))
    let best: { condition: number; of: number[]; cost: number } | undefined
    for (const condition of conditions) {
      const of = open.filter((at) => this.slots[at]!.scope.includes(condition))
      const states = 1 << new Set(of.flatMap((at) => this.slots[at]!.scope)).size
      const classes = of.reduce((product, at) => product * this.slots[at]!.count, 1)
      const cost = states * Math.min(classes, 255) ** 3
      if (!best || cost < best.cost) best = { condition, of, cost }
    }
    return best
  }

  /** Plans the products of these factors and the sums over what the rest does not depend on; gives the last slot. */
  private sumOut(of: readonly number[], rest: readonly number[]): number {
    const elsewhere = new Set(rest.flatMap((at) => this.slots[at]!.scope))
    // A condition that a single factor depends on is summed out in its product with one.
    const waiting = of.length > 1 ? [...of] : [this.factors.length - 1, ...of]
    while (waiting.length > 1) {
      waiting.sort((a, b) => this.slots[a]!.count - this.slots[b]!.count)
      const [left, right] = waiting.splice(0, 2) as [number, number]
      const isLast = waiting.length === 0
      waiting.push(this.multiply(left, right, (condition) => isLast && !elsewhere.has(condition)))
    }
    return waiting[0]!
  }

  private multiply(left: number, right: number, isSummed: (condition: number) => boolean): number {
    const [a, b] = [this.slots[left]!, this.slots[right]!]
    const join = joinOf(a, b)
    const whole = [...new Set([...a.scope, ...b.scope])].sort((x, y) => x - y)
    const sumsOut = whole.filter(isSummed)
    const scope = whole.filter((condition) => !isSummed(condition))
    const out = this.slots.length
    const conditions = sumsOut.reduce((mask, k) => mask | (1 << k), a.conditions | b.conditions)
    this.slots.push({ scope, conditions, count: join.count, classOf: join.classOf })
    const involves = conditions | maskOf(scope, -1)
    this.steps.push({ left, right, out, join, scope, sumsOut, involves, known: new Map() })
    return out
  }

  /**
   * What is left of the product, summed over all states of the conditions, or over those in which the `fixed` are as
   * told; with other values in factors of the same classes, by their places, where they are given. Only the steps above
   * what is different are done again.
   */
  run(
    fixed = EVERY_STATE,
    replaced: ReadonlyMap<number, Float64Array> = NOTHING_REPLACED,
  ): Summed[] {
    const held = this.factors.map((factor, at) => replaced.get(at) ?? factor.values)
    const isOther = this.factors.map((_, at) => replaced.has(at))
    for (const step of this.steps) {
      isOther[step.out] = isOther[step.left]! || isOther[step.right]!
      const own = { mask: fixed.mask & step.involves, holds: fixed.holds & step.involves }
      held[step.out] = isOther[step.out]
        ? this.carryOut(step, held, own)
        : this.carryOutOnce(step, held, own)
    }
    return this.left.map((at) => {
      const { count, classOf, conditions } = this.slots[at]!
      return { count, classOf, conditions, values: held[at]! }
    })
  }

  private carryOutOnce(step: Step, held: readonly Float64Array[], fixed: FixedConditions) {
    const key = fixed.mask * MOST_STATES + fixed.holds
    const outcome = step.known.get(key) ?? this.carryOut(step, held, fixed)
    step.known.set(key, outcome)
    return outcome
  }

  private carryOut(
    { left, right, join, scope, sumsOut }: Step,
    held: readonly Float64Array[],
    fixed: FixedConditions,
  ): Float64Array {
    const { size } = multisetsOf(join.count)
    const out = new Float64Array(size << scope.length)
    const [a, b] = [this.slots[left]!, this.slots[right]!]
    const sizeOfA = multisetsOf(a.count).size
    const sizeOfB = multisetsOf(b.count).size
    const own = maskOf(sumsOut, -1) & fixed.mask
    for (let state = 0; state < 1 << scope.length; state++) {
      const kept = maskOf(scope, state)
      if ((kept ^ fixed.holds) & fixed.mask & maskOf(scope, -1)) continue
      const starts = Array.from({ length: 1 << sumsOut.length }, (_, summed) =>
        maskOf(sumsOut, summed),
      )
        .filter((summed) => ((summed ^ fixed.holds) & own) === 0)
        .map((summed) => ({
          a: stateOf(a.scope, kept | summed) * sizeOfA,
          b: stateOf(b.scope, kept | summed) * sizeOfB,
        }))
      addAll(out, state * size, join, held[left]!, held[right]!, starts)
    }
    return out
  }
}

/** Adds the products that start at these places, two by two. */
function addAll(
  out: Float64Array,
  at: number,
  join: Join,
  left: Float64Array,
  right: Float64Array,
  starts: readonly { a: number; b: number }[],
): void {
  for (let s = 0; s + 1 < starts.length; s += 2) {
    const [one, two] = [starts[s]!, starts[s + 1]!]
    addTwoProductsInto(out, at, join, left, [one.a, two.a], right, [one.b, two.b])
  }
  const last = starts.length % 2 === 1 ? starts.at(-1) : undefined
  if (last) addProductInto(out, at, join, left, last.a, right, last.b)
}

/** The factor that changes nothing, over the elements that these are over. */
const oneFor = ([first]: readonly ClassFactor[]): ClassFactor => ({
  scope: [],
  count: 1,
  classOf: new Uint8Array(first?.classOf.length ?? 0),
  values: Float64Array.of(1),
})

/** The conditions that hold in a state of a scope, as a bit mask over all conditions. */
export const maskOf = (scope: readonly number[], state: number): number =>
  scope.reduce((mask, condition, bit) => mask | (((state >> bit) & 1) << condition), 0)

/** The state of a scope in which the conditions of a mask hold. */
export const stateOf = (scope: readonly number[], mask: number): number =>
  scope.reduce((state, condition, bit) => state | (((mask >> condition) & 1) << bit), 0)
