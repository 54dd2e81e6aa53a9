import { Belief } from '../inference/belief'
import { SetWeigher } from '../inference/set-weigher'
import type { Model } from '../inference/model'
import { entriesOf, faultsWithEntryMoved } from '../inference/stability'
import { REPORTED_COMPLAINTS, type ReportedComplaint } from '../vehicle/complaint'
import { BOOK } from '../knowledge/book'
import { LEVELS, PRIORS, type Level, type Prior } from '../knowledge/levels'
import { believe } from './rank-case'
import type { Vignette } from './vignette.fixture'

/** Which levels are moved, and in which vignettes. */
export interface Wants {
  readonly level: (key: string) => boolean
  readonly in: (key: string, vignette: string) => boolean
}
const EVERYTHING: Wants = { level: () => true, in: () => true }

/** By how many decibans a level moved its vignettes' causes, in how many it was asked, and which first moved too far. */
interface Seen {
  moved: number
  asked: number
  witness?: string
}

/** A vignette believed once, for all levels that are moved in it. */
interface Subject {
  readonly vignette: Vignette
  readonly belief: Belief
  readonly model: Model
  /** indexes of its causes, whose probabilities are watched */
  readonly wanted: readonly number[]
}

/** What moving the levels came to, by their keys. */
class Tally {
  readonly seen = new Map<string, Seen>()
  constructor(private readonly wants: Wants) {}

  /** The entry of a level that is to be moved in this vignette; undefined where it is not, or has moved enough. */
  asking(key: string, { vignette }: Subject): Seen | undefined {
    if (!this.wants.level(key) || !this.wants.in(key, vignette.name)) return undefined
    const known = this.seen.get(key) ?? { moved: 0, asked: 0 }
    this.seen.set(key, known)
    if (known.moved > TOLERANCE_DB) return undefined
    known.asked += 1
    return known
  }
}

function note(known: Seen, { vignette }: Subject, by: number): void {
  known.moved = Math.max(known.moved, by)
  if (known.moved > TOLERANCE_DB) known.witness ??= vignette.name
}

function subjectOf(vignette: Vignette): Subject {
  const { belief, model } = believe(vignette.file)
  const { causes } = vignette
  const wanted =
    causes.length > 0
      ? causes.map((id) => model.faultIndex.get(id)!)
      : [belief.faults.indexOf(Math.max(...belief.faults))]
  return { vignette, belief, model, wanted }
}

/** Odds that a vignette gives to each of its causes, decibans; a vignette without a cause gives those of its lead. */
const oddsOf = ({ belief, model, wanted }: Subject): Record<string, number> =>
  Object.fromEntries(
    wanted.map((f) => [model.faults[f]!.id, Number(decibansOf(belief.faults[f]!).toFixed(2))]),
  )

/**
 * A vignette fails when the odds of a cause lie further than this from what is written down, decibans: 0.03 of probability
 * in the middle, and as much of what is left to doubt where a cause is all but proven.
 */
export const TOLERANCE_DB = 0.5

/** Odds of a probability in decibans. */
const decibansOf = (p: number): number => 10 * Math.log10(p / (1 - p))
const apart = (now: number, before: number): number =>
  Math.abs(decibansOf(now) - decibansOf(before))
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

/** Moves how a fault or a condition shows in a sign. */
function moveEffects(subject: Subject, tally: Tally) {
  const { belief, model, wanted } = subject
  const before = belief.faults
  for (const evidence of belief.evidence)
    for (const entry of entriesOf(model, evidence.sign)) {
      const known = tally.asking(`${entry.of} > ${evidence.sign.sign.id}`, subject)
      if (!known) continue
      for (const by of [STEPS, -STEPS]) {
        const now = faultsWithEntryMoved(belief, evidence, entry, by)
        for (const f of wanted) note(known, subject, apart(now[f]!, before[f]!))
      }
    }
}

/** Moves what brings conditions about, in the vignettes of the faults that do; the belief is built anew each time. */
function moveCauses(subject: Subject, tally: Tally) {
  const { belief, model, wanted } = subject
  const entries = [
    ...wanted.flatMap((f) => {
      const { id, causes } = model.faults[f]!
      return causes.map(({ condition, level }) => ({ of: id, condition, level }))
    }),
    ...BOOK.conditions.flatMap((c) => [
      { of: 'leak', condition: c.id, level: c.leak },
      ...c.causedBy.map((b) => ({ of: b.condition, condition: c.id, level: b.level })),
    ]),
  ]
  for (const { of, condition, level } of entries) {
    const known = tally.asking(`${of} => ${condition}`, subject)
    if (!known) continue
    const k = model.conditions.findIndex((c) => c.id === condition)
    for (const by of [STEPS, -STEPS]) {
      const moved = withCauseMoved(model, of, k, level, by)
      const now = new Belief(moved, belief.readings, belief.timeline).faults
      for (const f of wanted) note(known, subject, apart(now[f]!, belief.faults[f]!))
    }
  }
}

const PRIOR_LADDER = Object.keys(PRIORS) as Prior[]
const priorKey = (fault: string, complaint: ReportedComplaint) => `prior > ${fault} @ ${complaint}`

/** Moves each fault's prior in the vignettes of the complaint: sets that hold the fault change by the ratio of its odds. */
function movePriors(subject: Subject, tally: Tally) {
  const { belief, model, wanted } = subject
  const { complaint } = subject.vignette.file.case
  if (complaint === 'inspection') return
  const weigher = new SetWeigher(belief)
  const alone = belief.faults
  model.faults.forEach((fault, f) => {
    const known = tally.asking(priorKey(fault.id, complaint), subject)
    if (!known) return
    const at = PRIOR_LADDER.indexOf(fault.prior[complaint])
    for (const by of [STEPS, -STEPS]) {
      const to = PRIORS[PRIOR_LADDER[Math.min(PRIOR_LADDER.length - 1, Math.max(0, at + by))]!]
      const was = PRIORS[PRIOR_LADDER[at]!]
      const ratio = to / (1 - to) / (was / (1 - was))
      for (const g of wanted) {
        const both = f === g ? alone[f]! : weigher.together(f, g)
        const now = (alone[g]! + (ratio - 1) * both) / (1 + (ratio - 1) * alone[f]!)
        note(known, subject, apart(now, alone[g]!))
      }
    }
  })
}

/** The key of every level of the book. */
export function keysOfLevels(): string[] {
  const keys = [
    ...BOOK.faults.flatMap((f) => f.causes.map((c) => `${f.id} => ${c.condition}`)),
    ...BOOK.conditions.flatMap((c) => [
      `leak => ${c.id}`,
      ...c.causedBy.map((b) => `${b.condition} => ${c.id}`),
    ]),
    ...BOOK.faults.flatMap((f) => f.effects.map((e) => `${f.id} > ${e.sign}`)),
    ...BOOK.conditions.flatMap((c) => c.effects.map((e) => `${c.id} > ${e.sign}`)),
    ...BOOK.signs.map((s) => `leak > ${s.id}`),
    ...BOOK.faults.flatMap((f) => REPORTED_COMPLAINTS.map((c) => priorKey(f.id, c))),
  ]
  return [...new Set(keys)].sort()
}

function whyUnmoved(key: string, known: Seen | undefined): string {
  if (known) return `read in ${known.asked}, where other readings had settled it`
  if (key.startsWith('prior')) return 'no vignette of this complaint has a vehicle that can have it'
  return 'no vignette reads this sign on a vehicle that can have this'
}

interface Moved {
  /** odds of each vignette's causes, decibans, by vignette and cause, before anything is moved */
  readonly odds: Record<string, Record<string, number>>
  readonly witnesses: Record<string, string>
  readonly unmoved: Record<string, string>
}

/**
 * Moves levels of the book (faults' effects and conditions' effects on signs, leaks, what brings conditions about,
 * priors) by three steps up and down, and tells for each, by "fault or condition > sign", "fault or condition =>
 * condition" or "prior > fault @ complaint", which vignette first leaves its tolerance, or why none does.
 */
export function moveLevels(list: readonly Vignette[], wants: Wants = EVERYTHING): Moved {
  const tally = new Tally(wants)
  const odds: Moved['odds'] = {}
  for (const vignette of list) {
    const subject = subjectOf(vignette)
    odds[vignette.name] = oddsOf(subject)
    moveEffects(subject, tally)
    moveCauses(subject, tally)
    movePriors(subject, tally)
  }
  const witnesses: Record<string, string> = {}
  const unmoved: Record<string, string> = {}
  for (const key of keysOfLevels().filter(wants.level)) {
    const known = tally.seen.get(key)
    if (known?.witness) witnesses[key] = known.witness
    else unmoved[key] = whyUnmoved(key, known)
  }
  return { odds, witnesses, unmoved }
}
