import { describe, expect, it } from 'vitest'
import { actuatorsCheck } from './check'
import { outcome, speaksFor } from '../check.fixture'

describe('actuators', () => {
  it('a device without supply is not proven bad by itself, and what was not asked for is not missing', () => {
    const device = (more: object) =>
      outcome(actuatorsCheck, 'actuators.test', {
        device: 'coolant-pump',
        commandedPercent: 80,
        actualPercent: 'none',
        calibrated: 'not-applicable',
        highVoltageLoopIdentified: 'yes',
        ...more,
      } as never)
    expect(device({}).states).toEqual(['stuck'])
    expect(device({ supplyVolts: 0.3 }).states).toEqual(['not-supplied'])
    expect(device({ actualPercent: 78 }).states).toEqual(['follows'])
    expect(device({ actualPercent: 78 }).facts).toContain('drive-turning')
    expect(device({ highVoltageLoopIdentified: 'no' }).cautions[0]!.id).toBe(
      'caution.highVoltageLoop',
    )
    expect(
      Math.abs(speaksFor(device({ commandedPercent: 0, actualPercent: 0 }).signs, 'pump-command')),
    ).toBeLessThan(0.5 * Math.abs(speaksFor(device({ actualPercent: 78 }).signs, 'pump-command')))
  })
})

describe('a command near nothing', () => {
  it.each([0, 14])('of %i per cent is no test', (commandedPercent) => {
    const o = outcome(actuatorsCheck, 'actuators.test', {
      device: 'coolant-pump',
      commandedPercent,
      actualPercent: commandedPercent,
      calibrated: 'yes',
      highVoltageLoopIdentified: 'not-applicable',
    } as never)
    expect([o.states, o.signs, o.facts]).toEqual([['not-asked'], [], []])
  })
})
