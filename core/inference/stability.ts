import { LEVELS, type Level } from '../knowledge/levels'
import type { AtLeast, Book, Effect, Sign } from '../knowledge/types'
import type { Belief } from './belief'
import { scopeOf } from './conditions-of-epoch'
import { maskOf } from './elimination'
import type { Evidence } from './evidence'
import type { WeighedSet } from './heavy-sets'
import type { Model } from './model'
import { valuesOf } from './multisets'
import { classLikelihood } from './sign-classes'
import { belowOf, type SignModel } from './sign-model'

export interface Stability {
  /** share of one-step shifts of the levels in use that keep the lead */
  keeps: number
  shifts: number
  /** the shifts that change it, with the lead they give */
  upsets: { of: string; sign: string; direction: 'up' | 'down'; lead: string }[]
}

const LADDER = Object.keys(LEVELS) as Level[]
const moved = (level: Level, by: number): Level =>
  LADDER[Math.min(LADDER.length - 1, Math.max(0, LADDER.indexOf(level) + by))]!
const shifted = (atLeast: AtLeast, by: number): AtLeast =>
  Object.fromEntries(Object.entries(atLeast).map(([state, level]) => [state, moved(level, by)]))

/** One entry of the book that a sign's likelihood rests on: a fault's effect, a condition's effect, or the sign's leak. */
export interface LevelEntry {
  of: string
  kind: 'fault' | 'condition' | 'leak'
  atLeast: AtLeast
}

/** Every entry that a sign rests on in this model. */
export function entriesOf(model: Model, sign: SignModel): LevelEntry[] {
  const { id } = sign.sign
  const of = (
    kind: 'fault' | 'condition',
    list: readonly { id: string; effects: readonly Effect[] }[],
  ) =>
    list.flatMap((item) =>
      item.effects
        .filter((e) => e.sign === id)
        .map((e): LevelEntry => ({ of: item.id, kind, atLeast: e.atLeast })),
    )
  return [
    { of: 'leak', kind: 'leak', atLeast: sign.sign.leak },
    ...of('fault', model.faults),
    ...of('condition', model.book.conditions),
  ]
}

/** The sign's model with one entry moved by some steps of the ladder. */
export function withEntryMoved(
  model: Model,
  sign: SignModel,
  entry: LevelEntry,
  by: number,
): SignModel {
  const row = belowOf(sign.sign, shifted(entry.atLeast, by))
  if (entry.kind === 'leak') return { ...sign, leakBelow: row }
  if (entry.kind === 'condition') {
    const k = model.conditions.findIndex((c) => c.id === entry.of)
    return {
      ...sign,
      causes: sign.causes.map((c) => (c.condition === k ? { ...c, below: row } : c)),
    }
  }
  return { ...sign, classes: withClassOfItsOwn(sign, model.faultIndex.get(entry.of)!, row) }
}

/** The classes of a sign with one fault in a class of its own, of this row. */
function withClassOfItsOwn(
  { classes }: SignModel,
  fault: number,
  row: Float64Array,
): SignModel['classes'] {
  const { count, classOf, below, override } = classes
  const own = classOf.slice()
  own[fault] = count
  return {
    count: count + 1,
    classOf: own,
    below: Float64Array.from([...below, ...row]),
    override: Int8Array.from([...override, override[classOf[fault]!]!]),
  }
}

/** P(fault now) if one entry stood some steps away. */
export function faultsWithEntryMoved(
  belief: Belief,
  evidence: Evidence,
  entry: LevelEntry,
  by: number,
): Float64Array {
  const as = withEntryMoved(belief.model, evidence.sign, entry, by)
  return entry.kind === 'fault'
    ? withFaultMoved(belief, evidence, belief.model.faultIndex.get(entry.of)!, as)
    : belief.withChanges([{ was: evidence, factor: evidence.factor, as }])
}

/** Heaviest sets that a moved level of one fault is followed through; what they leave out is seldom a thousandth. */
const SETS_FOLLOWED = 4_000

interface FollowedSet {
  set: WeighedSet
  /** faults of it that are there now */
  now: readonly number[]
}

const followed = new WeakMap<Belief, FollowedSet[][][]>()

/** The heaviest sets of a belief by the faults that are there in each epoch, found once. */
function setsFollowed(belief: Belief): readonly FollowedSet[][][] {
  const known = followed.get(belief)
  if (known) return known
  const sets = belief.heaviestSets(SETS_FOLLOWED).map((set) => ({ set, now: belief.present(set) }))
  const fresh = Array.from({ length: belief.epochs }, (_, epoch) => {
    const byFault: FollowedSet[][] = belief.model.faults.map(() => [])
    for (const one of sets) for (const f of belief.present(one.set, epoch)) byFault[f]!.push(one)
    return byFault
  })
  followed.set(belief, fresh)
  return fresh
}

/**
 * P(fault now) with another row of one fault in one sign: only sets in which that fault is there change, each by
 * Σ_state P(conditions in the state | set, evidence) · likelihood with the new row / with the old.
 */
function withFaultMoved(
  belief: Belief,
  evidence: Evidence,
  fault: number,
  as: SignModel,
): Float64Array {
  const ratio = belief.ratioOnSets({ was: evidence, factor: evidence.factor, as })
  const faults = Float64Array.from(belief.faults)
  let total = 1
  for (const { set, now } of setsFollowed(belief)[evidence.epoch]![fault]!) {
    const more = set.probability * (ratio(set) - 1)
    total += more
    for (const f of now) faults[f]! += more
  }
  return faults.map((p) => p / total)
}

/**
 * The most that any fault gains on another when a level of one fault moves: only the sets change in which that one is
 * there, and none by more than the likelihoods of the sign's states lie apart, since every set gives a mean of these.
 */
function mostGained(belief: Belief, { epoch, factor }: Evidence, fault: string): number {
  const sets = setsFollowed(belief)[epoch]![belief.model.faultIndex.get(fault)!]!
  const mass = sets.reduce((sum, { set }) => sum + set.probability, 0)
  return (mass * Math.max(...factor)) / Math.min(...factor)
}

/** How far apart the factors lie by which sets change when a sign's leak, or what a condition does to it, moves. */
function mostApart({ sign, factor }: Evidence, as: SignModel): number {
  const scope = scopeOf(sign.conditions)
  let least = Infinity
  let most = 0
  for (let state = 0; state < 1 << scope.length; state++) {
    const holds = maskOf(scope, state)
    const before = classLikelihood(sign, factor, holds)
    const after = classLikelihood(as, factor, holds)
    for (const ratio of valuesOf(
      sign.classes.count,
      (a, b, c) => after(a, b, c) / before(a, b, c),
    )) {
      least = Math.min(least, ratio)
      most = Math.max(most, ratio)
    }
  }
  return most / least
}

/** Whether no move of this entry can change the lead, told without working it out. */
function keepsSurely(
  belief: Belief,
  evidence: Evidence,
  entry: LevelEntry,
  by: number,
  lead: { first: number; second: number },
): boolean {
  if (entry.kind === 'fault')
    return mostGained(belief, evidence, entry.of) < lead.first - lead.second
  const as = withEntryMoved(belief.model, evidence.sign, entry, by)
  return lead.second * mostApart(evidence, as) < lead.first
}

/**
 * Whether the lead hangs on a single figure: every level in use (each fault's and condition's effect on a sign
 * that was read, and each such sign's leak) is moved one step up and one down, one at a time.
 */
export function stabilityOf(belief: Belief): Stability {
  const { model, faults } = belief
  const leadIn = (p: Float64Array) => p.reduce((best, value, f) => (value > p[best]! ? f : best), 0)
  const lead = leadIn(faults)
  const first = faults[lead]!
  const second = Math.max(...faults.filter((_, f) => f !== lead))
  const out: Stability = { keeps: 1, shifts: 0, upsets: [] }
  for (const evidence of belief.evidence)
    for (const entry of entriesOf(model, evidence.sign))
      for (const by of [1, -1] as const) {
        out.shifts++
        if (keepsSurely(belief, evidence, entry, by, { first, second })) continue
        const leads = leadIn(faultsWithEntryMoved(belief, evidence, entry, by))
        if (leads === lead) continue
        out.upsets.push({
          of: entry.of,
          sign: evidence.sign.sign.id,
          direction: by > 0 ? 'up' : 'down',
          lead: model.faults[leads]!.id,
        })
      }
  out.keeps = out.shifts === 0 ? 1 : 1 - out.upsets.length / out.shifts
  return out
}

/** A book with one fault's effect on a sign, or the sign's leak, moved by some steps. `at` is a fault id or "leak". */
export function mutatedBook(book: Book, at: string, signId: string, by: number): Book {
  const move = (atLeast: AtLeast): AtLeast => shifted(atLeast, by)
  if (at === 'leak')
    return {
      ...book,
      signs: book.signs.map((s): Sign => (s.id === signId ? { ...s, leak: move(s.leak) } : s)),
    }
  return {
    ...book,
    faults: book.faults.map((f) =>
      f.id === at
        ? {
            ...f,
            effects: f.effects.map((e) =>
              e.sign === signId ? { ...e, atLeast: move(e.atLeast) } : e,
            ),
          }
        : f,
    ),
  }
}
