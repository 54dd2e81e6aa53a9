import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { sensorAgreementCheck } from './check'
import { isUnitSlip } from './analysis'

describe('temperatures', () => {
  it('two sources that agree after one is converted are probably one temperature in two units', () => {
    expect(isUnitSlip(90, 194, 2)).toBe(true)
    expect(isUnitSlip(90, 92, 2)).toBe(false)
    // By how much they may differ after it follows the second instrument's error.
    expect([isUnitSlip(194, 82, 2), isUnitSlip(194, 82, 6)]).toEqual([false, true])
    expect([isUnitSlip(60, 75, 18), isUnitSlip(194, 62, 18)]).toEqual([false, true])
    const slip = outcome(sensorAgreementCheck, 'sensor-agreement.compare', {
      scan: celsius(90),
      second: celsius(194),
      secondKind: 'infrared',
      engineHot: 'yes',
      level: 'full',
    } as never)
    expect([slip.states, slip.signs, slip.notes[0]!.id]).toEqual([
      ['unit-slip'],
      [],
      'note.unitSlip',
    ])
  })
  it('infrared on bare metal hardly accuses the sensor; a probe at the same place does', () => {
    const compare = (more: object) =>
      speaksFor(
        outcome(sensorAgreementCheck, 'sensor-agreement.compare', {
          scan: celsius(98),
          second: celsius(72),
          engineHot: 'yes',
          level: 'full',
          ...more,
        } as never).signs,
        'scan-disagrees',
      )
    expect(compare({ secondKind: 'infrared', surface: 'bare-metal' })).toBeLessThan(0.4)
    expect(compare({ secondKind: 'contact-probe' })).toBeGreaterThan(0.8)
  })
  it('a cool steady reading with a low level may be a sensor out of the liquid', () => {
    const o = outcome(sensorAgreementCheck, 'sensor-agreement.compare', {
      scan: celsius(60),
      second: celsius(95),
      secondKind: 'contact-probe',
      engineHot: 'yes',
      level: 'low',
    } as never)
    expect(o.notes[0]!.id).toBe('note.sensorMayBeDry')
  })
  it('a needle in the middle is right over 35 degrees; in the red at 89 °C it is wrong', () => {
    const dash = (dash: 'middle' | 'red', at: number) =>
      outcome(sensorAgreementCheck, 'sensor-agreement.compare', {
        scan: celsius(at),
        second: celsius(at - 1),
        secondKind: 'contact-probe',
        dash,
        engineHot: 'yes',
        level: 'full',
      } as never)
    for (const at of [78, 90, 108])
      expect(speaksFor(dash('middle', at).signs, 'dash-disagrees')).toBeLessThan(0)
    expect(speaksFor(dash('red', 89).signs, 'dash-disagrees')).toBeGreaterThan(1)
  })
})
