import type { ClassFactor } from './class-factor'
import { Elimination, maskOf, type Summed } from './elimination'
import type { Change, Evidence } from './evidence'
import type { ConditionModel, Model } from './model'
import { multisetsOf, valuesOf } from './multisets'
import { classLikelihood } from './sign-classes'
import type { Elements } from './elements'

/**
 * The hidden conditions of one epoch, summed out: P(evidence that depends on them | set), as a function of the classes
 * of the set's members, and the same jointly with states of some conditions.
 */
export class ConditionsOfEpoch {
  /** conditions that the evidence depends on, and all that can bring these about; the others sum to one */
  readonly used: readonly number[]
  /** P(evidence | set), one row for each group of conditions that hang together */
  readonly summed: readonly Summed[]
  private readonly elimination: Elimination

  constructor(
    model: Model,
    private readonly evidence: readonly Evidence[],
    elements: Elements,
    epoch: number,
  ) {
    const mask = evidence.reduce((all, { sign }) => all | sign.conditions, 0)
    const needed = model.conditions.reduce(
      (all, { ancestry }, k) => ((mask >> k) & 1 ? all | ancestry : all),
      0,
    )
    this.used = model.conditions.flatMap((_, k) => ((needed >> k) & 1 ? [k] : []))
    const priors = this.used.map((k) => priorFactor(model.conditions[k]!, k, elements, epoch))
    const read = evidence.map((item) => ({
      scope: scopeOf(item.sign.conditions),
      ...item.partition,
      values: valuesOfEvidence(item),
    }))
    this.elimination = new Elimination([...priors, ...read])
    this.summed = this.elimination.run()
  }

  /** Whether exactly this evidence was summed over. */
  isOf(evidence: readonly Evidence[]): boolean {
    return (
      evidence.length === this.evidence.length &&
      evidence.every(({ key, sign, factor }, at) => {
        const own = this.evidence[at]!
        return (
          own.key === key &&
          own.sign === sign &&
          factor.every((value, j) => value === own.factor[j])
        )
      })
    )
  }

  /**
   * P(evidence, conditions of the mask in a state | set), one row for each group; bit b of the state tells whether the
   * b-th condition of the mask holds.
   */
  joint(mask: number, state: number): readonly Summed[] {
    return this.elimination.run({ mask, holds: maskOf(scopeOf(mask), state) })
  }

  /** P(evidence | set) with some evidence changed, one row for each group. */
  changed(changes: readonly Change[]): readonly Summed[] {
    const replaced = new Map(
      changes.map(({ was, factor, as = was.sign }) => {
        const at = this.used.length + this.evidence.findIndex(({ key }) => key === was.key)
        const nothing = new Float64Array(was.factor.length).fill(1)
        return [at, valuesOfEvidence({ ...was, sign: as, factor: factor ?? nothing })]
      }),
    )
    return this.elimination.run(undefined, replaced)
  }
}

/** P(condition | set, conditions before it): a noisy or of the leak, the set's members and the conditions before it. */
function priorFactor(
  condition: ConditionModel,
  k: number,
  { fault, standsIn }: Elements,
  epoch: number,
): ClassFactor {
  const rows: number[] = [1]
  const classOf = Uint8Array.from(fault, (f, e) => {
    const not = standsIn[epoch]![e] ? condition.notByFault[f]! : 1
    const known = rows.indexOf(not)
    return known >= 0 ? known : rows.push(not) - 1
  })
  const parents = [...condition.notByCondition].flatMap((not, j) => (not < 1 ? [j] : []))
  const scope = [...parents, k]
  const count = rows.length
  const { size } = multisetsOf(count)
  const values = new Float64Array(size << scope.length)
  for (let state = 0; state < 1 << scope.length; state++) {
    const holds = maskOf(scope, state)
    const byParents = parents.reduce(
      (not, j) => ((holds >> j) & 1 ? not * condition.notByCondition[j]! : not),
      condition.leakNot,
    )
    const half = (a: number, b: number, c: number) => {
      const not = byParents * rows[a]! * rows[b]! * rows[c]!
      return (holds >> k) & 1 ? 1 - not : not
    }
    valuesOf(count, half, values, state * size)
  }
  return { scope, count, classOf, values }
}

/** P(what was read of one sign | set, conditions it depends on), as the values of a class factor. */
function valuesOfEvidence({ sign, factor, partition }: Evidence): Float64Array {
  const scope = scopeOf(sign.conditions)
  const { size } = multisetsOf(partition.count)
  const values = new Float64Array(size << scope.length)
  for (let state = 0; state < 1 << scope.length; state++) {
    const likelihood = classLikelihood(sign, factor, maskOf(scope, state))
    valuesOf(partition.count, likelihood, values, state * size)
  }
  return values
}

/** The conditions of a mask, rising. */
export const scopeOf = (mask: number): number[] =>
  Array.from({ length: 32 - Math.clz32(mask) }, (_, k) => k).filter((k) => (mask >> k) & 1)
