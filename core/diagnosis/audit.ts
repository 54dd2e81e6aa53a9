import { isOfIsolatedHold } from '../knowledge/book'
import { QUESTIONS } from '../checks/interview/questions'
import { isOfRenewal } from '../knowledge/renewals'
import { COMPLAINTS } from '../vehicle/complaint'
import type { Model } from '../inference/model'
import { signLikelihood } from '../inference/sign-classes'
import type { SignModel } from '../inference/sign-model'
import { ALL_CHECKS } from '../checks/registry'
import type { Book } from '../knowledge/types'

/** Two faults that no sign that can be looked for tells well apart, with the sign and check that come closest. */
export interface HardPair {
  faults: [string, string]
  closest: { sign: string; check: string; distance: number }
}

export interface Audit {
  /** faults that no sign shows clearly more often than nothing would */
  withoutSign: string[]
  /** signs that no fault and no condition speaks to */
  unspokenSigns: string[]
  /** signs that no check and no question reads */
  unreadSigns: string[]
  /** places where a level stands without a sentence of reason */
  withoutReason: string[]
  hardPairs: HardPair[]
}

/** Two faults are told apart by a sign whose states differ between them by this much in total variation. */
export const TOLD_APART = 0.5
const SHOWS_CLEARLY = 0.4

/** P(state | exactly these faults), the hidden conditions summed out with nothing else known. */
export function statesGiven(
  model: Model,
  sign: SignModel,
  members: readonly number[],
): Float64Array {
  const states = sign.columns + 1
  const out = new Float64Array(states)
  const K = model.conditions.length
  for (let h = 0; h < 1 << K; h++) {
    let p = 1
    for (let k = 0; k < K; k++) {
      const condition = model.conditions[k]!
      let not = members.reduce((q, f) => q * condition.notByFault[f]!, condition.leakNot)
      for (let j = 0; j < k; j++) if ((h >> j) & 1) not *= condition.notByCondition[j]!
      p *= (h >> k) & 1 ? 1 - not : not
    }
    if (p < 1e-12) continue
    for (let j = 0; j < states; j++) {
      const unit = new Float64Array(states)
      unit[j] = 1
      out[j]! += p * signLikelihood(sign, unit, members, h)
    }
  }
  return out
}

const distance = (a: Float64Array, b: Float64Array) =>
  a.reduce((sum, value, j) => sum + Math.abs(value - b[j]!), 0) / 2

/** Looks through the book for what a careful editor would mend. `model` holds every fault of the book. */
export function auditBook(book: Book, model: Model): Audit {
  const signs = model.signs.all()
  const table = signs.map((sign) => ({
    sign,
    nothing: statesGiven(model, sign, []),
    by: model.faults.map((_, f) => statesGiven(model, sign, [f])),
  }))
  const withoutSign = model.faults.flatMap((fault, f) => {
    const best = Math.max(...table.map(({ nothing, by }) => distance(nothing, by[f]!)))
    return best < SHOWS_CLEARLY ? [fault.id] : []
  })
  const found = table.filter(({ sign }) => !isOfRenewal(sign.sign.id))
  const hardPairs: HardPair[] = []
  for (let f = 0; f < model.faults.length; f++)
    for (let g = f + 1; g < model.faults.length; g++) {
      let best = { sign: '', check: '', distance: -1 }
      for (const { sign, by } of found) {
        const d = distance(by[f]!, by[g]!)
        if (d > best.distance) best = { sign: sign.sign.id, check: sign.sign.check, distance: d }
      }
      if (best.distance < TOLD_APART)
        hardPairs.push({ faults: [model.faults[f]!.id, model.faults[g]!.id], closest: best })
    }
  const spoken = new Set(
    [...book.faults.flatMap((f) => f.effects), ...book.conditions.flatMap((c) => c.effects)].map(
      (e) => e.sign,
    ),
  )
  const read = readableSigns(book)
  return {
    withoutSign,
    unspokenSigns: book.signs.filter((s) => !spoken.has(s.id)).map((s) => s.id),
    unreadSigns: book.signs.filter((s) => !read.has(s.id)).map((s) => s.id),
    withoutReason: reasons(book),
    hardPairs: hardPairs.sort((a, b) => a.closest.distance - b.closest.distance),
  }
}

/** Signs that a check on any vehicle, or a question, can read. Holds with a part isolated are holds. */
function readableSigns(book: Book): ReadonlySet<string> {
  const out = new Set<string>(QUESTIONS.map((q) => q.sign))
  for (const check of ALL_CHECKS) {
    for (const id of check.readsBeside ?? []) out.add(id)
    for (const complaint of COMPLAINTS)
      for (const id of check.signs({ profile: {}, complaint, has: () => true })) out.add(id)
  }
  for (const sign of book.signs)
    if (isOfRenewal(sign.id) || isOfIsolatedHold(sign.id)) out.add(sign.id)
  return out
}

function reasons(book: Book): string[] {
  const short = (text: string) => text.trim().length < 5
  return [
    ...book.faults.flatMap((f) => [
      ...(short(f.priorBecause) ? [`${f.id}: prior`] : []),
      ...f.effects.filter((e) => short(e.because)).map((e) => `${f.id}: ${e.sign}`),
      ...f.causes.filter((c) => short(c.because)).map((c) => `${f.id}: ${c.condition}`),
      ...f.links.filter((l) => short(l.because)).map((l) => `${f.id}: link to ${l.to}`),
      ...f.disturbs.filter((d) => short(d.because)).map((d) => `${f.id}: disturbs ${d.fault}`),
    ]),
    ...book.conditions.flatMap((c) => [
      ...(short(c.leakBecause) ? [`${c.id}: leak`] : []),
      ...c.effects.filter((e) => short(e.because)).map((e) => `${c.id}: ${e.sign}`),
      ...c.causedBy.filter((e) => short(e.because)).map((e) => `${c.id}: ${e.condition}`),
    ]),
    ...book.signs.flatMap((s) => [
      ...(short(s.leakBecause) ? [`${s.id}: leak`] : []),
      ...(s.overrides ?? [])
        .filter((o) => short(o.because))
        .map((o) => `${s.id}: override by ${o.by}`),
    ]),
  ]
}
