import {
  addProductInto,
  type ClassFactor,
  type Join,
  joinOf,
  multiplyInto,
  type Partition,
} from './class-factor'
import { multisetsOf } from './multisets'

/** What is left when every condition is summed out: for each group of conditions that hang together, a row by multiset. */
export interface Summed extends Partition {
  /** conditions that were summed out into it */
  conditions: number
  values: Float64Array
}

/** One product of two factors, in which conditions that no other factor depends on are summed out. */
interface Step {
  left: number
  right: number
  out: number
  join: Join
  scope: readonly number[]
  sumsOut: readonly number[]
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

  constructor(private readonly factors: readonly ClassFactor[]) {
    this.slots = factors.map(({ scope, count, classOf }) => ({
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
    const waiting = [...of]
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
    this.steps.push({ left, right, out, join, scope, sumsOut })
    return out
  }

  /** What is left of the product, with `values` in place of the factors' own where they are given. */
  run(values: readonly (Float64Array | undefined)[] = []): Summed[] {
    const held = this.factors.map((factor, at) => values[at] ?? factor.values)
    for (const step of this.steps) held[step.out] = this.carryOut(step, held)
    return this.left.map((at) => {
      const { count, classOf, conditions } = this.slots[at]!
      return { count, classOf, conditions, values: held[at]! }
    })
  }

  private carryOut({ left, right, join, scope, sumsOut }: Step, held: Float64Array[]) {
    const { size } = multisetsOf(join.count)
    const out = new Float64Array(size << scope.length)
    const [a, b] = [this.slots[left]!, this.slots[right]!]
    const sizeOfA = multisetsOf(a.count).size
    const sizeOfB = multisetsOf(b.count).size
    for (let state = 0; state < 1 << scope.length; state++)
      for (let summed = 0; summed < 1 << sumsOut.length; summed++) {
        const holds = maskOf(scope, state) | maskOf(sumsOut, summed)
        const put = summed === 0 ? multiplyInto : addProductInto
        const fromA = stateOf(a.scope, holds) * sizeOfA
        const fromB = stateOf(b.scope, holds) * sizeOfB
        put(out, state * size, join, held[left]!, fromA, held[right]!, fromB)
      }
    return out
  }
}

/** The conditions that hold in a state of a scope, as a bit mask over all conditions. */
export const maskOf = (scope: readonly number[], state: number): number =>
  scope.reduce((mask, condition, bit) => mask | (((state >> bit) & 1) << condition), 0)

/** The state of a scope in which the conditions of a mask hold. */
export const stateOf = (scope: readonly number[], mask: number): number =>
  scope.reduce((state, condition, bit) => state | (((mask >> condition) & 1) << bit), 0)
