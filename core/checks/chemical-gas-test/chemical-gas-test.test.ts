import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { chemicalGasTestCheck } from './check'

describe('chemical gas test', () => {
  const gas = (more: object, complaint: 'coolant-loss' | 'overheats' = 'coolant-loss') =>
    outcome(
      chemicalGasTestCheck,
      'chemical-gas-test.test',
      {
        engine: celsius(92),
        thermostatOpen: 'shown',
        levelLowered: 'yes',
        drawnMinutes: 4,
        colour: 'same',
        fluid: 'fresh',
        load: 'idle',
        spoilt: 'no',
        funnelFittedCold: 'yes',
        ...more,
      } as never,
      { complaint },
    )
  it('a colour change is strong; no change is weak, and next to nothing when conditions were not met', () => {
    const positive = speaksFor(gas({ colour: 'changed' }).signs, 'gas-in-coolant')
    const valid = speaksFor(gas({}).signs, 'gas-in-coolant')
    const invalid = speaksFor(
      gas({ engine: celsius(50), thermostatOpen: 'not-known', fluid: 'old', drawnMinutes: 1 })
        .signs,
      'gas-in-coolant',
    )
    expect(positive).toBeGreaterThan(0.9)
    expect(positive).toBeGreaterThan(2 * -valid)
    expect(valid).toBeLessThan(-0.2)
    expect(invalid).toBeGreaterThan(-0.1)
    expect(gas({ engine: celsius(50) }).states).toEqual(['negative-invalid'])
  })
  it('a test at idle is not valid for a complaint that needs load', () => {
    expect(gas({}, 'coolant-loss').states).toEqual(['negative-valid'])
    expect(gas({}, 'overheats').states).toEqual(['negative-invalid'])
    expect(gas({ load: 'after-load-run' }, 'overheats').states).toEqual(['negative-valid'])
  })
  it('a change of colour in a bay full of exhaust counts for less, and repeats share their doubt', () => {
    expect(
      speaksFor(gas({ colour: 'changed', spoilt: 'exhaust-in-bay' }).signs, 'gas-in-coolant'),
    ).toBeLessThan(speaksFor(gas({ colour: 'changed' }).signs, 'gas-in-coolant'))
    expect(gas({}).signs[0]!.conditions).toBe(gas({ drawnMinutes: 6 }).signs[0]!.conditions)
    expect(gas({ load: 'after-load-run' }).signs[0]!.conditions).not.toBe(
      gas({}).signs[0]!.conditions,
    )
  })
  it('never opens a hot cap: the caution stands first when the funnel was not fitted cold', () =>
    expect(gas({ funnelFittedCold: 'no' }).cautions[0]!.id).toBe('caution.funnelNotCold'))
})
