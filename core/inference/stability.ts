import { LEVELS, type Level } from '../knowledge/levels'
import type { AtLeast, Book, Effect, Fault, Sign } from '../knowledge/types'
import type { Belief } from './belief'
import { SignLikelihood } from './evidence'
import type { Model, SignModel } from './model'

export interface Stability {
  /** share of one-step shifts of the levels in use that keep the lead */
  keeps: number
  shifts: number
  /** the shifts that change it, with the lead they give */
  upsets: { of: string; sign: string; direction: 'up' | 'down'; lead: string }[]
}

const LADDER = Object.keys(LEVELS) as Level[]
const step = (level: Level, by: 1 | -1): Level => LADDER[Math.min(LADDER.length - 1, Math.max(0, LADDER.indexOf(level) + by))]!
const shifted = (atLeast: AtLeast, by: 1 | -1): AtLeast => Object.fromEntries(Object.entries(atLeast).map(([state, level]) => [state, step(level, by)]))

/** The sign's model with one effect, or the leak, shifted; made from a book of one sign so that nothing else is built. */
function shiftedSign(model: Model, sign: SignModel, of: { fault?: Fault; effect?: Effect }, by: 1 | -1): SignModel {
  const shiftedRow = (atLeast: AtLeast) => Float64Array.from(sign.sign.states.slice(1), (s) => 1 - (atLeast[s] ? LEVELS[atLeast[s]] : 0))
  if (!of.fault || !of.effect) return { ...sign, leakBelow: shiftedRow(shifted(sign.sign.leak, by)) }
  const f = model.faults.indexOf(of.fault)
  const place = sign.place[f]!
  const row = shiftedRow(shifted(of.effect.atLeast, by))
  const below = Float64Array.from(sign.below)
  const dense = Float64Array.from(sign.dense)
  row.forEach((value, j) => (below[place * sign.columns + j] = dense[f * sign.columns + j] = value))
  return { ...sign, below, dense }
}

/**
 * Whether the lead hangs on a single figure: every level in use (each fault's effect on a sign that was read, and
 * each such sign's leak) is moved one step up and one down, one at a time, over the heaviest sets. Hidden
 * conditions keep the weights that the evidence gave them.
 */
export function stabilityOf(belief: Belief, most = 600): Stability {
  const { model } = belief
  const sets = belief.heaviestSets(most)
  const now = sets.map((s) => belief.present(s))
  const likely = belief.conditionsNow()
  const holds = model.conditions.reduce((mask, c, k) => ((likely.find((l) => l.condition === c.id)?.probability ?? 0) > 0.5 ? mask | (1 << k) : mask), 0)
  const leadOf = (weights: Float64Array) => {
    const p = new Float64Array(model.faults.length)
    now.forEach((members, i) => members.forEach((f) => (p[f]! += weights[i]!)))
    return p.indexOf(Math.max(...p))
  }
  const base = Float64Array.from(sets, (s) => belief.sets[s]!)
  const lead = leadOf(base)
  const out: Stability = { keeps: 1, shifts: 0, upsets: [] }
  const none = model.faults.length
  for (const { sign, factor, epoch } of belief.evidence) {
    const members = sets.map((s) => belief.present(s, epoch))
    const old = new SignLikelihood(sign, factor, holds)
    const before = members.map((m) => old.ofFaults(m[0] ?? none, m[1] ?? none, m[2] ?? none))
    const targets: { fault?: Fault; effect?: Effect; of: string }[] = [{ of: 'leak' }]
    for (const fault of model.faults) {
      const effects = fault.effects.filter((e) => e.sign === sign.sign.id)
      if (effects.length === 1) targets.push({ fault, effect: effects[0]!, of: fault.id })
    }
    for (const target of targets)
      for (const by of [1, -1] as const) {
        const next = new SignLikelihood(shiftedSign(model, sign, target, by), factor, holds)
        const weights = Float64Array.from(base, (w, i) => (w * next.ofFaults(members[i]![0] ?? none, members[i]![1] ?? none, members[i]![2] ?? none)) / before[i]!)
        out.shifts++
        const leads = leadOf(weights)
        if (leads !== lead) out.upsets.push({ of: target.of, sign: sign.sign.id, direction: by > 0 ? 'up' : 'down', lead: model.faults[leads]!.id })
      }
  }
  out.keeps = out.shifts === 0 ? 1 : 1 - out.upsets.length / out.shifts
  return out
}

/** A book with one level moved by some steps; for the mutation check. `at` is a fault id or "leak". */
export function mutatedBook(book: Book, at: string, signId: string, by: number): Book {
  const move = (atLeast: AtLeast): AtLeast =>
    Object.fromEntries(Object.entries(atLeast).map(([state, level]) => [state, LADDER[Math.min(LADDER.length - 1, Math.max(0, LADDER.indexOf(level) + by))]!]))
  if (at === 'leak') return { ...book, signs: book.signs.map((s): Sign => (s.id === signId ? { ...s, leak: move(s.leak) } : s)) }
  return { ...book, faults: book.faults.map((f) => (f.id === at ? { ...f, effects: f.effects.map((e) => (e.sign === signId ? { ...e, atLeast: move(e.atLeast) } : e)) } : f)) }
}

