import type { Message } from '../quantity/message'
import type { Guard } from '../knowledge/types'
import { abnormalIn, normalGiven } from './accounts'
import { Belief, sourceOf } from './belief'
import type { PlacedReading } from './evidence'
import type { WeighedSet } from './heavy-sets'
import type { Model } from './model'
import { consequenceShares } from './roles'
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

/** Signs whose readings speak for an abnormal state that the probable faults and conditions do not account for. */
function unexplainedSigns(belief: Belief, heaviest: readonly WeighedSet[]) {
  const out: { sign: string; share: number }[] = []
  for (const { sign, epoch } of abnormalIn(belief)) {
    const byLeakAlone = 1 - normalGiven(belief.model, sign, [])
    let share = 0
    let mass = 0
    for (const set of heaviest) {
      const p = set.probability
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

/** All suspects by probability, with their roles and the guards that these facts meet. */
export function suspectsOf(belief: Belief, facts: ReadonlySet<string>): Suspect[] {
  const shares = consequenceShares(belief)
  return belief.model.faults
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
}

export function rankBelief(belief: Belief, facts: ReadonlySet<string>): Ranking {
  const { model } = belief
  const heard = belief.readings.filter((r) => model.signs.has(r.sign))
  const heaviest = belief.heaviestSets(SETS_LOOKED_AT)
  return {
    suspects: suspectsOf(belief, facts),
    ...summarise(belief, heaviest),
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
  const now = belief.faults.map(logit10)
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

/** Leading sets that are told, and sets that are looked at for them: several histories may come to one set now. */
const SETS_TOLD = 20
const SETS_LOOKED_AT = 600
const LEAST_SET = 1e-4

/** P(no fault now, or such faults only that are none). */
export const nothingWrongIn = (belief: Belief): number =>
  belief.onlyOf((f) => belief.model.faults[f]!.group === 'nothing-wrong')

/** Nothing wrong, not in the book, and the leading sets as they are now. */
function summarise(
  belief: Belief,
  heaviest: readonly WeighedSet[],
): Pick<Ranking, 'nothingWrong' | 'notInTheBook' | 'sets'> {
  const { faults } = belief.model
  const now = new Map<string, { faults: string[]; probability: number }>()
  for (const set of heaviest) {
    if (set.probability < LEAST_SET) break
    const ids = belief.present(set).map((f) => faults[f]!.id)
    const known = now.get(ids.join('+'))
    if (known) known.probability += set.probability
    else now.set(ids.join('+'), { faults: ids, probability: set.probability })
  }
  return {
    nothingWrong: nothingWrongIn(belief),
    notInTheBook: 1 - belief.onlyOf((f) => faults[f]!.group !== 'not-in-the-book'),
    sets: [...now.values()].sort((a, b) => b.probability - a.probability).slice(0, SETS_TOLD),
  }
}
