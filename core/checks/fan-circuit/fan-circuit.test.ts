import { describe, expect, it } from 'vitest'
import { celsius, figures, outcome, speaksFor } from '../check.fixture'
import { fanCircuitCheck } from './check'
import type { FanCircuitAnalysis } from './analysis'

describe('fan circuit', () => {
  const walk = (data: object) => outcome(fanCircuitCheck, 'fan-circuit.walk', data as never)
  it('no command says little about the switch unless its place was shown hot', () => {
    const cold = walk({ command: 'absent', switchingPlace: celsius(45), switchesAt: celsius(95) })
    const hot = walk({ command: 'absent', switchingPlace: celsius(104), switchesAt: celsius(95) })
    expect(Math.abs(speaksFor(cold.signs, 'fan-command-missing'))).toBeLessThan(0.05)
    expect(speaksFor(hot.signs, 'fan-command-missing')).toBeGreaterThan(1)
    expect(cold.notes[0]!.id).toBe('fanCircuit.placeNotHot')
    expect(hot.facts).toContain('switching-place-hot')
    expect(hot.states).toContain('control')
  })
  it('a plain motor is dead only when fed directly; one with its own electronics when all is at its plug', () => {
    expect(walk({ directFeed: 'dead' }).facts).toContain('fan-fed-dead')
    expect(
      walk({ supplyVolts: 12.3, groundDropVolts: 0.1, command: 'present', ownElectronics: true })
        .facts,
    ).toContain('fan-fed-dead')
    expect(
      walk({ supplyVolts: 12.3, groundDropVolts: 0.1, command: 'present' }).facts,
    ).not.toContain('fan-fed-dead')
  })
  it('finds where the chain breaks, and proposes a measurement while it has not', () => {
    expect(walk({ batteryVolts: 12.6, supplyVolts: 0.2 }).states).toEqual(['feed'])
    expect(walk({ groundDropVolts: 4 }).states).toEqual(['ground'])
    expect(figures<FanCircuitAnalysis>(walk({})).next).toBe('switchingPlace')
  })
  it('on a vehicle with a viscous clutch it says that the circuit does not belong to it', () => {
    const o = outcome(fanCircuitCheck, 'fan-circuit.walk', { directFeed: 'dead' } as never, {
      profile: { fan: 'viscous-clutch' },
    })
    expect(o.notes[0]!.id).toBe('note.circuitOnViscousFan')
  })
})
