import type { CaseFile } from '../record/schema'
import { planOf } from './plan-case'
import { believe } from './rank-case'

/** A case as far as it has come, and what a good hand makes of it. */
interface Stage {
  input: CaseFile
  /** checks, any of which would be done now */
  next: readonly string[]
  /** causes that were laid bare by now */
  shown: readonly string[]
}
interface Story {
  name: string
  causes: readonly string[]
  stages: readonly Stage[]
}

/** A share of so many, and which of them failed. */
export interface Share {
  of: number
  failed: string[]
}
export interface Judged {
  /** a cause leads at the last stage */
  leads: Share
  /** every cause is among the first three then, or among as many as there are causes and two more */
  amongFirst: Share
  /** a cause that was laid bare has the probability it deserves */
  shown: Share
  /** one of the plan's first steps is what a good hand would do */
  planned: Share
  /** mean distance of what the lead was told and how often it was true, over tenths of probability */
  calibrationError: number
}

/** What a cause that was laid bare deserves. */
export const SHOWN_DESERVES = 0.85
/** Steps of a plan that are looked at. */
const FIRST_STEPS = 3

export const shareOf = ({ of, failed }: Share): number => 1 - failed.length / of

/** Ranks every stage of every story, and says what came out as it should. */
export function judge(stories: readonly Story[]): Judged {
  const empty = (): Share => ({ of: 0, failed: [] })
  const judged = { leads: empty(), amongFirst: empty(), shown: empty(), planned: empty() }
  const note = (share: Share, isRight: boolean, what: string) => {
    share.of++
    if (!isRight) share.failed.push(what)
  }
  const leads: { told: number; isTrue: boolean }[] = []
  for (const { name, causes, stages } of stories)
    stages.forEach(({ input, next, shown }, at) => {
      const { belief, model, assessment } = believe(input)
      const where = `${name} ${at + 1}/${stages.length}`
      const order = model.faults
        .map(({ id }, f) => ({ id, p: belief.faults[f]! }))
        .sort((a, b) => b.p - a.p)
      const lead = order[0]!
      const told = `${lead.id} ${lead.p.toFixed(2)}`
      leads.push({ told: lead.p, isTrue: causes.includes(lead.id) })
      for (const cause of shown) {
        const p = order.find(({ id }) => id === cause)?.p ?? 0
        note(judged.shown, p >= SHOWN_DESERVES, `${where}: ${cause} ${p.toFixed(2)}, leads ${told}`)
      }
      if (next.length > 0) {
        const steps = planOf({ belief, assessment }, input).steps.slice(0, FIRST_STEPS)
        const checks = steps.map(({ check }) => check as string)
        note(
          judged.planned,
          checks.some((check) => next.includes(check)),
          `${where}: ${checks.join(', ') || 'no step'}; wanted ${next.join(' or ')}`,
        )
      }
      if (at < stages.length - 1) return
      note(judged.leads, causes.includes(lead.id), `${where}: ${told}; cause ${causes.join(' + ')}`)
      const first = order.slice(0, Math.max(3, causes.length + 2)).map(({ id }) => id)
      note(
        judged.amongFirst,
        causes.every((cause) => first.includes(cause)),
        where,
      )
    })
  return { ...judged, calibrationError: calibrationError(leads) }
}

/** Σ over tenths of their share of all · |mean told − share true|. */
function calibrationError(leads: readonly { told: number; isTrue: boolean }[]): number {
  let error = 0
  for (let tenth = 0; tenth < 10; tenth++) {
    const own = leads.filter(({ told }) => Math.min(9, Math.floor(told * 10)) === tenth)
    if (own.length === 0) continue
    const told = own.reduce((sum, one) => sum + one.told, 0)
    const isTrue = own.filter((one) => one.isTrue).length
    error += Math.abs(told - isTrue) / leads.length
  }
  return error
}
