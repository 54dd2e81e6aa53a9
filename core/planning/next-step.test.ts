import { describe, expect, it } from 'vitest'
import type { CheckId } from '../checks/registry'
import { message } from '../quantity/message'
import type { CaseState } from '../record/case-state'
import { type NextCheck } from './next-check'
import { foundSuspects, nextSteps, type WorkedOut } from './next-step'

const stateOf = (...done: CheckId[]) =>
  ({ done: new Set(done), doneSinceWork: new Set(done) }) as unknown as CaseState
const next = (check: CheckId, bits: number): NextCheck => ({
  check,
  phase: 'cold',
  minutes: 5,
  bits,
})
const worked = (given: Partial<WorkedOut>): WorkedOut => ({
  prove: [],
  next: [],
  questions: [],
  settled: false,
  ...given,
})
const checks = (given: Partial<WorkedOut>, state = stateOf()) =>
  nextSteps(worked(given), state).map(({ check }) => check)
const says = message('locate.cylinders')

describe('what is to be done next', () => {
  it('begins with what proves a likely lead, before what tells more', () => {
    const telling = [next('level-and-condition', 2), next('cap', 1), next('leak-trace', 0.5)]
    expect(checks({ prove: ['leak-trace'], next: telling })).toEqual([
      'leak-trace',
      'level-and-condition',
      'cap',
    ])
    expect(nextSteps(worked({ prove: ['leak-trace'] }), stateOf())[0]).toMatchObject({
      proves: true,
    })
  })
  it('says of a proof that names the place that it does', () => {
    const locate = { check: 'leak-trace' as const, fault: 'water-pump-seal', says }
    const [first] = nextSteps(worked({ prove: ['leak-trace'], locate }), stateOf())
    expect(first).toMatchObject({ check: 'leak-trace', locates: says })
    expect(first).not.toHaveProperty('proves')
  })
  it('is what the guards of a likely lead ask for, where nothing else tells anything', () => {
    const asked = { check: 'sensor-agreement' as const, text: 'A second temperature' }
    expect(nextSteps(worked({ asked }), stateOf())).toEqual([
      { check: 'sensor-agreement', phase: 'hot', minutes: 4, lacks: 'A second temperature' },
    ])
    const proving = nextSteps(worked({ asked, prove: ['look-round'] }), stateOf())
    expect(proving.map(({ check }) => check)).toEqual(['look-round'])
    expect(nextSteps(worked({ asked, settled: true }), stateOf())).toEqual([])
  })
  it('says of a proof what it is for, where one thing is lacking', () => {
    const lacking = { check: 'look-round' as const, text: 'Air side clean' }
    const steps = nextSteps(worked({ prove: ['look-round', 'radiator-flow'], lacking }), stateOf())
    expect(steps[0]).toMatchObject({ check: 'look-round', lacks: 'Air side clean' })
    expect(steps[0]).not.toHaveProperty('proves')
    expect(steps[1]).toMatchObject({ check: 'radiator-flow', proves: true })
  })
  it('comes to the place of a suspect last, where nothing has asked for it before', () => {
    const locate = { check: 'cranking-rise' as const, fault: 'gasket-to-cylinder', says }
    expect(checks({ next: [next('cap', 1)], locate })).toEqual(['cap', 'cranking-rise'])
    expect(checks({ next: [next('cranking-rise', 1)], locate })).toEqual(['cranking-rise'])
  })
  it('leaves out what tells next to nothing, and goes back to what was done for much only', () => {
    const telling = [next('cap', 0.2), next('mix', 0.04)]
    expect(checks({ next: telling })).toEqual(['cap'])
    expect(checks({ next: telling }, stateOf('cap'))).toEqual([])
    expect(checks({ next: [next('cap', 1.1)] }, stateOf('cap'))).toEqual(['cap'])
  })
  it('takes nothing apart for hours to learn next to nothing', () => {
    expect(checks({ next: [{ ...next('pump-off', 0.1), minutes: 120 }] })).toEqual([])
    expect(checks({ next: [{ ...next('pump-off', 0.5), minutes: 120 }] })).toEqual(['pump-off'])
  })
  it('takes half the engine off for a proof only when nothing shorter tells anything', () => {
    const prove = ['teardown' as const, 'cranking-rise' as const]
    expect(checks({ prove, next: [next('cap', 1)] })).toEqual(['cranking-rise', 'cap', 'teardown'])
    expect(checks({ prove: ['teardown'] })).toEqual(['teardown'])
  })
  it('is after a repair what had failed before it, though the lead is settled, and nothing once the case is closed', () => {
    const repeat = ['pressure-hold' as const, 'cap' as const]
    const given = { repeat, next: [next('cap', 2), next('mix', 1)] }
    expect(checks(given)).toEqual(['pressure-hold', 'cap', 'mix'])
    expect(checks({ ...given, settled: true })).toEqual(['pressure-hold', 'cap'])
    expect(nextSteps(worked(given), stateOf())[0]).toMatchObject({ repeats: true })
    expect(checks(given, { ...stateOf(), closed: true })).toEqual([])
  })
  it('is nothing where the lead needs no more', () => {
    expect(checks({ next: [next('cap', 1)], settled: true })).toEqual([])
  })
  it('asks the keeper the most telling question, once the rest was asked', () => {
    const asking = {
      next: [next('interview', 1.5)],
      questions: [{ question: 'where-wet', bits: 0.4 }],
    }
    const steps = (state: CaseState) => nextSteps(worked(asking), state)
    expect(steps(stateOf())[0]).not.toHaveProperty('question')
    expect(steps(stateOf('interview'))[0]).toMatchObject({ question: 'where-wet' })
  })
})

describe('what is found', () => {
  const [first, second, third] = [
    { fault: 'cap-weak', probability: 0.97 },
    { fault: 'tank-crack', probability: 0.92 },
    { fault: 'pump-seal', probability: 0.05 },
  ]
  const suspects = [first!, second!, third!]
  const something = nextSteps(worked({ next: [next('cap', 1)] }), stateOf())
  it('is nobody while something is worth doing', () =>
    expect(foundSuspects(suspects, { settled: false, shown: ['cap-weak'] }, something)).toEqual([]))
  it('is all that are shown, once nothing is left', () =>
    expect(
      foundSuspects(suspects, { settled: false, shown: ['tank-crack', 'cap-weak'] }, []),
    ).toEqual([first, second]))
  it('is a settled lead that is not shown, and no fault where there is none', () => {
    const settled = { settled: true, shown: [] }
    expect(foundSuspects(suspects, settled, [])).toEqual([first])
    expect(foundSuspects([third!], settled, [])).toEqual([])
    expect(foundSuspects(suspects, { settled: false, shown: [] }, [])).toEqual([])
  })
})
