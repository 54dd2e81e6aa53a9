import type { Message } from '../message'
import { LEVELS } from '../knowledge/levels'
import type { Fault, Guard } from '../knowledge/types'
import { combineReadings, type PlacedReading } from './evidence'
import type { Model } from './model'
import { computePosterior, membersOf, NO_REPAIRS, sourceOf, type Posterior, type Repairs } from './posterior'

export interface Suspect {
  fault: string
  name: string
  probability: number
  role: 'root' | 'consequence' | 'nothing-wrong' | 'not-in-the-book'
  guards: { id: string; met: boolean; text: string }[]
}

/** How far one reading moves one fault: decibans of its odds, all readings against all but this one. */
export interface Moved {
  reading: string
  fault: string
  decibans: number
}

export interface Ranking {
  suspects: Suspect[]
  nothingWrong: number
  notInTheBook: number
  sets: { faults: string[]; probability: number }[]
  moved: Moved[]
  /** what each reading says, by its source */
  says: { reading: string; sign: string; message: Message }[]
  unexplained: { sign: string; share: number }[]
  /** readings of signs that this book does not know */
  unheard: string[]
}

const logit10 = (p: number) => 10 * Math.log10(Math.max(p, 1e-12) / Math.max(1 - p, 1e-12))

function guardMet(guard: Guard, facts: ReadonlySet<string>): boolean {
  return guard.anyOf.some((row) => row.every((fact) => facts.has(fact)))
}

/** Share of a fault's probability in which a root in the same set would have caused it, from the declared links. */
function consequenceShare(model: Model, posterior: Posterior, fault: number): number {
  const id = model.faults[fault]!.id
  const causes = new Map<number, number>()
  model.faults.forEach((candidate, f) => {
    for (const link of candidate.links) if (link.to === id) causes.set(f, LEVELS[link.level])
  })
  if (causes.size === 0) return 0
  let caused = 0
  let present = 0
  for (let s = 0; s < model.setCount; s++) {
    const members = membersOf(model, s)
    if (!members.includes(fault)) continue
    present += posterior.sets[s]!
    const spared = members.reduce((p, m) => p * (1 - (causes.get(m) ?? 0)), 1)
    caused += posterior.sets[s]! * (1 - spared)
  }
  return present > 0 ? caused / present : 0
}

function roleOf(model: Model, posterior: Posterior, f: number): Suspect['role'] {
  const group = model.faults[f]!.group
  if (group === 'nothing-wrong' || group === 'not-in-the-book') return group
  return consequenceShare(model, posterior, f) > 0.5 ? 'consequence' : 'root'
}

/** Signs whose readings speak for an abnormal state that the probable faults do not account for. */
function unexplainedSigns(model: Model, posterior: Posterior, readings: readonly PlacedReading[], repairs: Repairs) {
  const out: { sign: string; share: number }[] = []
  for (const id of new Set(readings.map((r) => r.sign))) {
    const sign = model.signs.get(id)
    if (!sign) continue
    const latest = Math.max(...readings.filter((r) => r.sign === id).map((r) => r.epoch))
    const factor = combineReadings(sign.sign.states, readings.filter((r) => r.sign === id && r.epoch === latest))
    if (factor[0]! * 3 > Math.max(...factor.slice(1))) continue
    const gone = repairs[latest] ?? repairs.at(-1)!
    let share = 0
    const columns = sign.leakBelow.length
    for (let s = 0; s < model.setCount; s++) {
      if (posterior.sets[s]! < 1e-7) continue
      let normal = sign.leakBelow[0]!
      for (const f of membersOf(model, s)) if (!gone.has(f)) normal *= sign.below[f * columns]!
      const byLeakAlone = 1 - sign.leakBelow[0]!
      share += posterior.sets[s]! * Math.min(1, byLeakAlone / Math.max(1e-9, 1 - normal))
    }
    if (share > 0.5) out.push({ sign: id, share })
  }
  return out.sort((a, b) => b.share - a.share)
}

/**
 * The ranking of a case. `facts` say which guards are met and change no probability. Suspects are sorted by
 * probability, all of them; the leading sets are the 20 most probable.
 */
export function rank(
  model: Model,
  readings: readonly PlacedReading[],
  facts: ReadonlySet<string>,
  repairs: Repairs = NO_REPAIRS,
): Ranking {
  const heard = readings.filter((r) => model.signs.has(r.sign))
  const sources = [...new Set(heard.map(sourceOf))]
  const { all, without } = computePosterior(model, heard, repairs, sources)
  const suspects = model.faults
    .map((fault: Fault, f): Suspect => ({
      fault: fault.id,
      name: fault.name,
      probability: all.faults[f]!,
      role: roleOf(model, all, f),
      guards: fault.guards.map((g) => ({ id: g.id, met: guardMet(g, facts), text: g.text })),
    }))
    .sort((a, b) => b.probability - a.probability || (a.fault < b.fault ? -1 : 1))
  const moved: Moved[] = []
  for (const source of sources) {
    const before = without.get(source)!
    model.faults.forEach((fault, f) => {
      const decibans = logit10(all.faults[f]!) - logit10(before.faults[f]!)
      if (Math.abs(decibans) >= 0.05) moved.push({ reading: source, fault: fault.id, decibans })
    })
  }
  const gone = repairs.at(-1)!
  let nothingWrong = 0
  let notInTheBook = 0
  const nowSets = new Map<string, { faults: string[]; probability: number }>()
  for (let s = 0; s < model.setCount; s++) {
    const now = membersOf(model, s).filter((f) => !gone.has(f))
    const p = all.sets[s]!
    if (now.every((f) => model.faults[f]!.group === 'nothing-wrong')) nothingWrong += p
    if (now.some((f) => model.faults[f]!.group === 'not-in-the-book')) notInTheBook += p
    const faults = now.map((f) => model.faults[f]!.id)
    const key = faults.join('+')
    const known = nowSets.get(key)
    if (known) known.probability += p
    else nowSets.set(key, { faults, probability: p })
  }
  return {
    suspects,
    nothingWrong,
    notInTheBook,
    sets: [...nowSets.values()].sort((a, b) => b.probability - a.probability).slice(0, 20),
    moved,
    says: heard.map((r) => ({ reading: sourceOf(r), sign: r.sign, message: r.says })),
    unexplained: unexplainedSigns(model, all, heard, repairs),
    unheard: readings.filter((r) => !model.signs.has(r.sign)).map((r) => r.sign),
  }
}
