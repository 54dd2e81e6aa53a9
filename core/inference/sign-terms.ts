import type { SignLikelihood } from './evidence'

export interface Term {
  likelihood: SignLikelihood
  /** multiply by it, or divide */
  up: boolean
}

/** Multiplies each set's figure by the term, or divides. The common case, two states and no override, runs in a loop of its own. */
export function multiply(
  out: Float64Array,
  { likelihood, up }: Term,
  members: Int16Array,
  visit: Int32Array | undefined,
) {
  const plain = likelihood.plain()
  if (plain) {
    const { last, b, dense } = plain
    for (let v = 0; v < out.length; v++) {
      const at = 3 * (visit ? visit[v]! : v)
      const value =
        last + b * dense[members[at]!]! * dense[members[at + 1]!]! * dense[members[at + 2]!]!
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
