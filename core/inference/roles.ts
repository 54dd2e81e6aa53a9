import { LEVELS } from '../knowledge/levels'
import type { Belief } from './belief'
import { SetWeigher } from './set-weigher'

/**
 * For each fault, the share of its probability now in which a fault of the same set would have caused it, by the links
 * that the book declares: Σ_S∋f P(S)·(1 − Π_{a∈S} (1 − level(a → f))) / P(f), over all sets.
 */
export function consequenceShares(belief: Belief): Float64Array {
  const { model, faults } = belief
  const causesOf = new Map<number, Map<number, number>>()
  model.faults.forEach((fault, from) => {
    for (const link of fault.links) {
      const to = model.faultIndex.get(link.to)
      if (to === undefined) continue
      const causes = causesOf.get(to) ?? new Map<number, number>()
      causes.set(from, (causes.get(from) ?? 1) * (1 - LEVELS[link.level]))
      causesOf.set(to, causes)
    }
  })
  const weigher = new SetWeigher(belief)
  return faults.map((probability, to) => {
    const causes = causesOf.get(to)
    return causes && probability > 0 ? causedShare(belief, weigher, to, causes) / probability : 0
  })
}

/** P(fault `to` is there and was caused by another of its set). */
function causedShare(
  { elements, epochs }: Belief,
  weigher: SetWeigher,
  to: number,
  causes: ReadonlyMap<number, number>,
): number {
  const stands = elements.standsIn[epochs - 1]!
  const all = [...elements.fault.keys()]
  const present = all.filter((e) => stands[e])
  const spares = (e: number) => (stands[e] ? (causes.get(elements.fault[e]!) ?? 1) : 1)
  let caused = 0
  for (const t of present.filter((e) => elements.fault[e] === to))
    for (const a of present.filter((e) => e !== t && spares(e) < 1)) {
      caused += weigher.weightOf(t, a, -1) * (1 - spares(a))
      for (const c of all) {
        // A set with two causes is met from each of them, and counted from the first.
        if (c === t || c === a || (spares(c) < 1 && c < a)) continue
        caused += weigher.weightOf(t, a, c) * (1 - spares(a) * spares(c))
      }
    }
  return caused
}
