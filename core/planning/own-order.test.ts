import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { CheckId } from '../checks/registry'
import { planBelieved } from '../diagnosis/plan-case'
import { believe, rankBelieved } from '../diagnosis/rank-case'
import { caseStateOf } from '../record/case-state'
import { orderToKeep, withOrderSet } from '../record/own-order'
import { readCaseFile } from '../record/read'
import type { CaseFile } from '../record/schema'
import { comparePlans } from './compare-plans'
import { foundSuspects, nextSteps, stepsAtHand } from './next-step'

const seam = readCaseFile(readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8'))
/** As its keeper told it, before anything was done. */
const told: CaseFile = {
  ...seam,
  records: seam.records.filter(({ kind }) => kind.startsWith('interview')),
  events: [],
}
const by = seam.case.openedBy
const AFTER = '2030-01-01T08:00:00.000Z'
const set = (input: CaseFile, steps: readonly CheckId[], at = AFTER): CaseFile =>
  withOrderSet(input, { steps, by, at })
const nextOf = (input: CaseFile) =>
  nextSteps(rankBelieved(believe(input), input), caseStateOf(input))
const namesOf = (steps: readonly { check: CheckId }[]) => steps.map(({ check }) => check)
const plansOf = (input: CaseFile) => planBelieved(believe(input), input).plans
/** The mix tested so many minutes after the order was set. */
const mixDone = (input: CaseFile, minutes: number): CaseFile => ({
  ...input,
  records: [
    ...input.records,
    {
      id: '0197dddd-0000-7000-8000-000000000001',
      by,
      observedAt: new Date(Date.parse(AFTER) + minutes * 60_000).toISOString(),
      kind: 'mix.test' as const,
      data: { instrument: 'refractometer' as const, volumeFraction: 0.5 },
    },
  ],
})

describe('an order set by hand', () => {
  const planned = plansOf(told)[0]!
  const wanted: CheckId[] = ['mix', 'fan-circuit']
  const own = set(told, wanted)

  it('is first in the plan and in what is next, with who set it, and moves no probability', () => {
    const [plan, ...schools] = plansOf(own)
    expect(plan!.policy).toBe('own')
    expect(namesOf(plan!.steps).slice(0, 2)).toEqual(wanted)
    expect(nextOf(own).slice(0, 2)).toMatchObject([
      { check: 'mix', setBy: by },
      { check: 'fan-circuit', setBy: by },
    ])
    expect(schools).toEqual(plansOf(told))
    expect(believe(own).belief.faults).toEqual(believe(told).belief.faults)
  })
  it('is at hand before anything else, with an engine that is still to be started', () => {
    const run = set(told, ['warm-up-run', 'mix'])
    const { offered } = stepsAtHand(nextOf(run), 'cold')
    expect(namesOf(offered).slice(0, 2)).toEqual(['warm-up-run', 'mix'])
  })
  it('goes on as the plan would, and tells what the detour costs', () => {
    const [plan] = plansOf(own)
    expect(plan!.steps.length).toBeGreaterThan(wanted.length)
    expect(new Set(namesOf(plan!.steps)).size).toBe(plan!.steps.length)
    expect(comparePlans(plan!, planned).longerMinutes).toBeGreaterThan(0)
  })
  it('is done step by step: what was recorded since is not left', () => {
    expect(namesOf(nextOf(mixDone(own, 5))).slice(0, 1)).toEqual(['fan-circuit'])
    expect(caseStateOf(mixDone(own, -5)).ownOrder?.left).toEqual(wanted)
  })
  it('gives way to a later one, to one without steps, and to work on the vehicle', () => {
    const later = '2030-01-01T09:00:00.000Z'
    expect(caseStateOf(set(own, ['cap'], later)).ownOrder?.left).toEqual(['cap'])
    expect(caseStateOf(set(own, [], later)).ownOrder).toBeUndefined()
    expect(nextOf(set(own, [], later))).toEqual(nextOf(told))
    const drained = {
      id: '0197dddd-0000-7000-8000-000000000002',
      by,
      observedAt: later,
      kind: 'drained' as const,
      data: {},
    }
    expect(caseStateOf({ ...own, events: [drained] }).ownOrder).toBeUndefined()
  })
  it('leaves out what this vehicle cannot have and what no check is called', () => {
    const steps = ['actuators', 'no-such-check', 'cap'] as CheckId[]
    const plain = { ...told.vehicle, profile: { ...told.vehicle.profile, fans: [] } }
    const state = caseStateOf(set({ ...told, vehicle: plain } as CaseFile, steps))
    expect(state.ownOrder?.left).not.toContain('no-such-check')
    expect(state.ownOrder?.left).toContain('cap')
  })
  it('holds back “mend it” while something of it is left, whatever is shown', () => {
    const suspects = [{ fault: 'cap-weak', probability: 0.97 }]
    const sure = { settled: true, shown: ['cap-weak'] }
    expect(foundSuspects(suspects, sure, nextOf(own))).toEqual([])
    expect(foundSuspects(suspects, sure, [])).toEqual(suspects)
  })
  it('is kept as far as it differs from the plan’s, so that the rest still follows the results', () => {
    const steps = namesOf(planned.steps)
    const [first, second, ...rest] = steps
    const swapped = [second!, first!, ...rest]
    expect(orderToKeep(steps, swapped)).toEqual([second, first])
    expect(orderToKeep(steps, steps)).toEqual([])
    const again = plansOf(set(told, orderToKeep(steps, swapped)))[0]!
    expect(namesOf(again.steps).slice(0, 2)).toEqual([second, first])
  })
})
