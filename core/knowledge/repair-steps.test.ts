import { describe, expect, it } from 'vitest'
import { ACCESS } from './access'
import { BOOK } from './book'
import { REPAIR_STEPS, repairSteps, stepsLeft } from './repair-steps'

const idsOf = (...faults: string[]) => repairSteps(faults).map(({ id }) => id)

describe('the steps of a repair', () => {
  it('of a head: off cold, faces, dry holes, seals and torque, hoses, filled', () => {
    expect(idsOf('gasket-to-cylinder')).toEqual([
      'cold-and-open',
      'drained',
      'head-off',
      'faces-clean',
      'bolt-holes-dry',
      'part-compared',
      'seals-new',
      'tightened',
      'hoses-seated',
      'filled-and-bled',
    ])
  })
  it('of a hose ask for no torque, of a relay for no coolant', () => {
    expect(idsOf('upper-hose-leak')).not.toContain('tightened')
    expect(idsOf('fan-relay-dead')).toEqual([
      'fan-disarmed',
      'part-compared',
      'plugs-locked',
      'codes-cleared',
    ])
  })
  it('of several faults stand once each, in the order of the work', () => {
    const both = idsOf('pump-seal-leak', 'thermostat-opens-late')
    expect(new Set(both).size).toBe(both.length)
    expect(both).toEqual(REPAIR_STEPS.filter((id) => both.includes(id)))
    expect(both).toEqual(expect.arrayContaining(['belt-off', 'thermostat-way']))
  })
  it('are there for whatever has a part or opens the loop, and every step belongs to some repair', () => {
    const opened = ACCESS.flatMap(({ faults }) => faults)
    for (const { id, cost } of BOOK.faults)
      if (cost.partHours > 0 || opened.includes(id)) expect(idsOf(id), id).not.toEqual([])
    const all = new Set(BOOK.faults.flatMap(({ id }) => idsOf(id)))
    expect(REPAIR_STEPS.filter((id) => !all.has(id))).toEqual([])
  })
  it('ask for a torque where a joint is drawn down, and warn before what scalds, starts by itself or bursts', () => {
    const asking = repairSteps(['gasket-to-oil']).filter(({ asksTorque }) => asksTorque)
    expect(asking.map(({ id }) => id)).toEqual(['tightened'])
    const warned = repairSteps(['gasket-to-oil', 'fan-motor-dead']).filter(({ warns }) => warns)
    expect(warned.map(({ id }) => id)).toEqual([
      'cold-and-open',
      'fan-disarmed',
      'drained',
      'head-off',
      'bolt-holes-dry',
    ])
  })
})

describe('steps left', () => {
  const hose = ['upper-hose-leak']
  it('are those that were not ticked', () => {
    const left = stepsLeft({
      faults: hose,
      stepsDone: [{ step: 'drained' }, { step: 'hoses-seated' }],
    })
    expect(left).toEqual(['cold-and-open', 'part-compared', 'filled-and-bled'])
  })
  it('are none where nobody went through them', () => {
    expect(stepsLeft({ faults: hose })).toEqual([])
    expect(
      stepsLeft({ faults: hose, stepsDone: repairSteps(hose).map(({ id }) => ({ step: id })) }),
    ).toEqual([])
  })
})
