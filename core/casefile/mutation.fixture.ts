import { entriesOf, faultsWithEntryMoved } from '../inference/stability'
import { BOOK } from '../knowledge/book'
import { believe } from './rank-case'
import type { Vignette } from './vignette.fixture'

/** What a vignette gives to each of its causes; a vignette without a cause gives what its lead gets. */
export function probabilitiesOf({ file, causes }: Vignette): Record<string, number> {
  const { belief, model } = believe(file)
  const told = causes.length > 0 ? causes : [model.faults[belief.faults.indexOf(Math.max(...belief.faults))]!.id]
  return Object.fromEntries(told.map((id) => [id, Number(belief.faults[model.faultIndex.get(id)!]!.toFixed(3))]))
}

/** A vignette fails when a cause's probability lies further than this from what is written down. */
export const TOLERANCE = 0.02
const STEPS = 3

/**
 * Every level of the book about a sign (faults' effects, conditions' effects, leaks) whose move by three steps up
 * and down leaves all vignettes within their tolerance, with the reason, keyed "fault or condition > sign".
 */
export function unmovedEntries(list: readonly Vignette[]): Record<string, string> {
  const seen = new Map<string, { moved: number; asked: number }>()
  for (const vignette of list) {
    const { belief, model } = believe(vignette.file)
    const expected = probabilitiesOf(vignette)
    const wanted = Object.keys(expected).map((id) => model.faultIndex.get(id)!)
    const before = belief.few.faults()
    for (const evidence of belief.evidence)
      for (const entry of entriesOf(model, evidence.sign)) {
        const key = `${entry.of} > ${evidence.sign.sign.id}`
        const known = seen.get(key) ?? { moved: 0, asked: 0 }
        seen.set(key, known)
        known.asked++
        if (known.moved > TOLERANCE) continue
        for (const by of [STEPS, -STEPS]) {
          const now = faultsWithEntryMoved(belief, evidence, entry, by)
          for (const f of wanted) known.moved = Math.max(known.moved, Math.abs(now[f]! - before[f]!))
        }
      }
  }
  const out: Record<string, string> = {}
  const every = [
    ...BOOK.faults.flatMap((f) => f.effects.map((e) => `${f.id} > ${e.sign}`)),
    ...BOOK.conditions.flatMap((c) => c.effects.map((e) => `${c.id} > ${e.sign}`)),
    ...BOOK.signs.map((s) => `leak > ${s.id}`),
  ]
  for (const key of [...new Set(every)].sort()) {
    const known = seen.get(key)
    if (!known) out[key] = 'no vignette reads this sign on a vehicle that can have this'
    else if (known.moved <= TOLERANCE) out[key] = `read in ${known.asked}, where other readings had settled it`
  }
  return out
}
