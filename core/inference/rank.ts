import type { Message } from '../quantity/message'
import { LEVELS } from '../knowledge/levels'
import type { Guard } from '../knowledge/types'
import { Belief, sourceOf } from './belief'
import type { PlacedReading } from './evidence'
import type { Model, SignModel } from './model'
import type { Timeline } from './timeline'

export interface Suspect {
  fault: string
  name: string
  probability: number
  role: 'root' | 'consequence' | 'nothing-wrong' | 'not-in-the-book'
  guards: { id: string; met: boolean; text: string }[]
}

/** How far one reading moves one fault: decibans of its odds, all readings against all but this one. */
export interface Moved {
  /** id of the record, or of the run, that is left out */
  source: string
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
  says: { source: string; sign: string; message: Message }[]
  unexplained: { sign: string; share: number }[]
  /** hidden conditions now, as far as the readings depend on them */
  conditions: { condition: string; probability: number }[]
  /** readings of signs that this book does not know */
  unheard: string[]
}

const logit10 = (p: number) => 10 * Math.log10(Math.max(p, 1e-12) / Math.max(1 - p, 1e-12))

export function guardMet(guard: Guard, facts: ReadonlySet<string>): boolean {
  return guard.anyOf.some((row) => row.every((fact) => facts.has(fact)))
}

/** For each fault, the share of its probability in which a root in the same set would have caused it, from the declared links. */
function consequenceShares(belief: Belief): Float64Array {
  const { model } = belief
  const n = model.faults.length
  /** 1 − P(row is caused by column), with a column of ones for "no member" */
  const spares = new Float64Array(n * (n + 1)).fill(1)
  const linked = new Uint8Array(n)
  model.faults.forEach((fault, f) => {
    for (const link of fault.links) {
      const to = model.faultIndex.get(link.to)
      if (to === undefined) continue
      spares[to * (n + 1) + f]! *= 1 - LEVELS[link.level]
      linked[to] = 1
    }
  })
  const caused = new Float64Array(n)
  belief.narrow.forEachNow((a, b, c, weight) => {
    if (a < n && linked[a])
      caused[a]! += weight * (1 - spares[a * (n + 1) + b]! * spares[a * (n + 1) + c]!)
    if (b < n && linked[b])
      caused[b]! += weight * (1 - spares[b * (n + 1) + a]! * spares[b * (n + 1) + c]!)
    if (c < n && linked[c])
      caused[c]! += weight * (1 - spares[c * (n + 1) + a]! * spares[c * (n + 1) + b]!)
  })
  return caused.map((value, f) => (belief.faults[f]! > 0 ? value / belief.faults[f]! : 0))
}

/** P(sign normal | faults), each condition taken by itself: enough to say who accounts for a sign. */
function normalGiven(model: Model, sign: SignModel, members: readonly number[]): number {
  let normal = sign.leakBelow[0]!
  for (const f of members) normal *= sign.dense[f * sign.columns]!
  for (const cause of sign.causes) {
    const condition = model.conditions[cause.condition]!
    const holds = 1 - members.reduce((not, f) => not * condition.notByFault[f]!, condition.leakNot)
    normal *= 1 - holds * (1 - cause.below[0]!)
  }
  return normal
}

/** Signs whose readings speak for an abnormal state that the probable faults and conditions do not account for. */
function unexplainedSigns(belief: Belief, heaviest: readonly number[]) {
  const out: { sign: string; share: number }[] = []
  const latest = new Map<string, number>()
  for (const item of belief.evidence)
    latest.set(item.sign.sign.id, Math.max(latest.get(item.sign.sign.id) ?? 0, item.epoch))
  for (const { sign, factor, epoch } of belief.evidence) {
    if (latest.get(sign.sign.id) !== epoch) continue
    if (factor[0]! * 3 > Math.max(...factor.slice(1))) continue
    const byLeakAlone = 1 - normalGiven(belief.model, sign, [])
    let share = 0
    let mass = 0
    for (const set of heaviest) {
      const p = belief.sets[set]!
      const normal = normalGiven(belief.model, sign, belief.present(set, epoch))
      share += p * Math.min(1, byLeakAlone / Math.max(1e-9, 1 - normal))
      mass += p
    }
    if (share / mass > 0.5) out.push({ sign: sign.sign.id, share: share / mass })
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
  timeline: Timeline = [],
): Ranking {
  return rankBelief(new Belief(model, readings, timeline), facts)
}

export function rankBelief(belief: Belief, facts: ReadonlySet<string>): Ranking {
  const { model } = belief
  const heard = belief.readings.filter((r) => model.signs.has(r.sign))
  const shares = consequenceShares(belief)
  const suspects = model.faults
    .map((fault, f): Suspect => ({
      fault: fault.id,
      name: fault.name,
      probability: belief.faults[f]!,
      role:
        fault.group === 'nothing-wrong' || fault.group === 'not-in-the-book'
          ? fault.group
          : shares[f]! > 0.5
            ? 'consequence'
            : 'root',
      guards: fault.guards.map((g) => ({ id: g.id, met: guardMet(g, facts), text: g.text })),
    }))
    .sort((a, b) => b.probability - a.probability || (a.fault < b.fault ? -1 : 1))
  const heaviest = belief.heaviestSets(400)
  return {
    suspects,
    ...summarise(belief),
    moved: movedBy(belief, heard),
    says: heard.map((r) => ({ source: sourceOf(r), sign: r.sign, message: r.says })),
    unexplained: unexplainedSigns(belief, heaviest),
    conditions: belief.conditionsNow(),
    unheard: belief.readings.filter((r) => !model.signs.has(r.sign)).map((r) => r.sign),
  }
}

/** What readings do to faults that are this improbable with and without them is not told. */
const LEAST_TOLD = 1e-3

function movedBy(belief: Belief, heard: readonly PlacedReading[]): Moved[] {
  const moved: Moved[] = []
  const now = belief.narrow.faults().map(logit10)
  for (const source of new Set(heard.map(sourceOf))) {
    const before = belief.without(source)
    belief.model.faults.forEach((fault, f) => {
      if (belief.faults[f]! < LEAST_TOLD && before[f]! < LEAST_TOLD) return
      const decibans = now[f]! - logit10(before[f]!)
      if (Math.abs(decibans) >= 0.05) moved.push({ source, fault: fault.id, decibans })
    })
  }
  return moved
}

/** Nothing wrong, not in the book, and the leading sets as they are now. */
export function summarise(belief: Belief): Pick<Ranking, 'nothingWrong' | 'notInTheBook' | 'sets'> {
  const { model, sets } = belief
  const harmless = Uint8Array.from(model.faults, (f) => (f.group === 'nothing-wrong' ? 1 : 0))
  const unlisted = Uint8Array.from(model.faults, (f) => (f.group === 'not-in-the-book' ? 1 : 0))
  let nothingWrong = 0
  let notInTheBook = 0
  const now = new Map<string, { faults: string[]; probability: number }>()
  const take = (members: readonly number[], p: number) => {
    if (members.every((f) => harmless[f])) nothingWrong += p
    if (members.some((f) => unlisted[f])) notInTheBook += p
    if (p < 1e-4) return
    const faults = members.map((f) => model.faults[f]!.id)
    const key = faults.join('+')
    const known = now.get(key)
    if (known) known.probability += p
    else now.set(key, { faults, probability: p })
  }
  const { members } = model
  for (let s = 0; s < sets.length; s++) {
    const p = sets[s]!
    if (p < 1e-16) continue
    if (belief.epochs > 1 || p >= 1e-4) {
      take(belief.present(s), p)
      continue
    }
    const a = members[3 * s]!
    const b = members[3 * s + 1]!
    const c = members[3 * s + 2]!
    if ((a < 0 || harmless[a]) && (b < 0 || harmless[b]) && (c < 0 || harmless[c]))
      nothingWrong += p
    if ((a >= 0 && unlisted[a]) || (b >= 0 && unlisted[b]) || (c >= 0 && unlisted[c]))
      notInTheBook += p
  }
  return {
    nothingWrong,
    notInTheBook,
    sets: [...now.values()].sort((a, b) => b.probability - a.probability).slice(0, 20),
  }
}
