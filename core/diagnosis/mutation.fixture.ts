import { Belief } from '../inference/belief'
import type { Model } from '../inference/model'
import { entriesOf, faultsWithEntryMoved } from '../inference/stability'
import { COMPLAINTS, type Complaint } from '../vehicle/complaint'
import { BOOK } from '../knowledge/book'
import { LEVELS, PRIORS, type Level, type Prior } from '../knowledge/levels'
import { believe } from './rank-case'
import type { Vignette } from './vignette.fixture'

type Wants = (key: string) => boolean

/** What a vignette gives to each of its causes; a vignette without a cause gives what its lead gets. */
export function probabilitiesOf({ file, causes }: Vignette): Record<string, number> {
  const { belief, model } = believe(file)
  const told =
    causes.length > 0
      ? causes
      : [model.faults[belief.faults.indexOf(Math.max(...belief.faults))]!.id]
  return Object.fromEntries(
    told.map((id) => [id, Number(belief.faults[model.faultIndex.get(id)!]!.toFixed(3))]),
  )
}

/** A vignette fails when a cause's probability lies further than this from what is written down. */
export const TOLERANCE = 0.02
const STEPS = 3

const LADDER = Object.keys(LEVELS) as Level[]
const movedNot = (level: Level, by: number) =>
  1 - LEVELS[LADDER[Math.min(LADDER.length - 1, Math.max(0, LADDER.indexOf(level) + by))]!]

/** The model with one level that brings a condition about moved: by a fault, by an earlier condition, or by itself. */
function withCauseMoved(
  model: Model,
  of: string,
  condition: number,
  level: Level,
  by: number,
): Model {
  const conditions = model.conditions.map((c, k) => {
    if (k !== condition) return c
    if (of === 'leak') return { ...c, leakNot: movedNot(level, by) }
    const row = of in FAULT_IDS ? 'notByFault' : 'notByCondition'
    const values = Float64Array.from(c[row])
    values[
      row === 'notByFault'
        ? model.faultIndex.get(of)!
        : model.conditions.findIndex((x) => x.id === of)
    ] = movedNot(level, by)
    return { ...c, [row]: values }
  })
  return { ...model, conditions }
}

const FAULT_IDS: Readonly<Record<string, true>> = Object.fromEntries(
  BOOK.faults.map((f) => [f.id, true as const]),
)

/** Moves what brings conditions about, in the vignettes of the faults that do; the belief is built anew each time. */
function askCauses(
  vignette: Vignette,
  seen: Map<string, { moved: number; asked: number }>,
  wants: Wants,
) {
  const { belief, model } = believe(vignette.file)
  const wanted = Object.keys(probabilitiesOf(vignette)).map((id) => model.faultIndex.get(id)!)
  const entries = [
    ...wanted.flatMap((f) =>
      model.faults[f]!.causes.map((c) => ({
        of: model.faults[f]!.id,
        condition: c.condition,
        level: c.level,
      })),
    ),
    ...BOOK.conditions.flatMap((c) => [
      { of: 'leak', condition: c.id, level: c.leak },
      ...c.causedBy.map((b) => ({ of: b.condition, condition: c.id, level: b.level })),
    ]),
  ]
  for (const { of, condition, level } of entries) {
    const key = `${of} => ${condition}`
    if (!wants(key)) continue
    const known = seen.get(key) ?? { moved: 0, asked: 0 }
    seen.set(key, known)
    if (known.moved > TOLERANCE) continue
    known.asked++
    for (const by of [STEPS, -STEPS]) {
      const now = new Belief(
        withCauseMoved(
          model,
          of,
          model.conditions.findIndex((c) => c.id === condition),
          level,
          by,
        ),
        belief.readings,
        belief.timeline,
      ).faults
      for (const f of wanted)
        known.moved = Math.max(known.moved, Math.abs(now[f]! - belief.faults[f]!))
    }
  }
}

const PRIOR_LADDER = Object.keys(PRIORS) as Prior[]
const priorKey = (fault: string, complaint: Complaint) => `prior > ${fault} @ ${complaint}`

/** Moves each fault's prior in the vignettes of the complaint: sets that hold the fault change by the ratio of its odds. */
function askPriors(
  { file, ...vignette }: Vignette,
  seen: Map<string, { moved: number; asked: number }>,
) {
  const { belief, model } = believe(file)
  const wanted = Object.keys(probabilitiesOf({ file, ...vignette })).map((id) =>
    model.faultIndex.get(id)!,
  )
  const n = model.faults.length
  const alone = new Float64Array(n + 1)
  const both = wanted.map(() => new Float64Array(n + 1))
  let mass = 0
  belief.narrow.forEachNow((a, b, c, w) => {
    mass += w
    for (const f of [a, b, c]) {
      alone[f]! += w
      wanted.forEach((g, k) => ([a, b, c].includes(g) ? (both[k]![f]! += w) : 0))
    }
  })
  model.faults.forEach((fault, f) => {
    const at = PRIOR_LADDER.indexOf(fault.prior[file.case.complaint])
    const key = priorKey(fault.id, file.case.complaint)
    const known = seen.get(key) ?? { moved: 0, asked: 0 }
    seen.set(key, known)
    known.asked++
    for (const by of [STEPS, -STEPS]) {
      const to = PRIORS[PRIOR_LADDER[Math.min(PRIOR_LADDER.length - 1, Math.max(0, at + by))]!]
      const was = PRIORS[PRIOR_LADDER[at]!]
      const ratio = to / (1 - to) / (was / (1 - was))
      wanted.forEach((g, k) => {
        const p = alone[g]! / mass
        const now = (alone[g]! + (ratio - 1) * both[k]![f]!) / (mass + (ratio - 1) * alone[f]!)
        known.moved = Math.max(known.moved, Math.abs(now - p))
      })
    }
  })
}

/**
 * Every level of the book (faults' effects and conditions' effects on signs, leaks, what brings conditions about, priors)
 * whose move by three steps up and down leaves all vignettes within their tolerance, with the reason, keyed
 * "fault or condition > sign", "fault or condition => condition" and "prior > fault @ complaint". `wants` leaves out keys.
 */
export function unmovedEntries(
  list: readonly Vignette[],
  wants: Wants = () => true,
): Record<string, string> {
  const seen = new Map<string, { moved: number; asked: number }>()
  for (const vignette of list) {
    const { belief, model } = believe(vignette.file)
    const expected = probabilitiesOf(vignette)
    const wanted = Object.keys(expected).map((id) => model.faultIndex.get(id)!)
    const before = belief.few.faults()
    for (const evidence of belief.evidence)
      for (const entry of entriesOf(model, evidence.sign)) {
        const key = `${entry.of} > ${evidence.sign.sign.id}`
        if (!wants(key)) continue
        const known = seen.get(key) ?? { moved: 0, asked: 0 }
        seen.set(key, known)
        known.asked++
        if (known.moved > TOLERANCE) continue
        for (const by of [STEPS, -STEPS]) {
          const now = faultsWithEntryMoved(belief, evidence, entry, by)
          for (const f of wanted)
            known.moved = Math.max(known.moved, Math.abs(now[f]! - before[f]!))
        }
      }
  }
  for (const vignette of list) {
    askCauses(vignette, seen, wants)
    askPriors(vignette, seen)
  }
  const out: Record<string, string> = {}
  const every = [
    ...BOOK.faults.flatMap((f) => f.causes.map((c) => `${f.id} => ${c.condition}`)),
    ...BOOK.conditions.flatMap((c) => [
      `leak => ${c.id}`,
      ...c.causedBy.map((b) => `${b.condition} => ${c.id}`),
    ]),
    ...BOOK.faults.flatMap((f) => f.effects.map((e) => `${f.id} > ${e.sign}`)),
    ...BOOK.conditions.flatMap((c) => c.effects.map((e) => `${c.id} > ${e.sign}`)),
    ...BOOK.signs.map((s) => `leak > ${s.id}`),
    ...BOOK.faults.flatMap((f) => COMPLAINTS.map((c) => priorKey(f.id, c))),
  ]
  for (const key of [...new Set(every)].filter(wants).sort()) {
    const known = seen.get(key)
    if (!known)
      out[key] = key.startsWith('prior')
        ? 'no vignette of this complaint has a vehicle that can have it'
        : 'no vignette reads this sign on a vehicle that can have this'
    else if (known.moved <= TOLERANCE)
      out[key] = `read in ${known.asked}, where other readings had settled it`
  }
  return out
}
