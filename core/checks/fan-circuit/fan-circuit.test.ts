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
  it('a supply of 24 V is compared with a battery of 24 V', () => {
    expect(walk({ supplyVolts: 24.3 }).states).toEqual(['no-break-found'])
    expect(walk({ supplyVolts: 20 }).states).toEqual(['feed'])
  })
  it('of 24 V, a feed that is missing and a ground that is lost speak as loud as of 12', () => {
    const truck = walk({ batteryVolts: 25.2, supplyVolts: 0.2, groundDropVolts: 0.1 })
    expect(speaksFor(truck.signs, 'fan-feed-dead')).toBeGreaterThan(1)
    const ground = walk({ batteryVolts: 25.2, supplyVolts: 24.9, groundDropVolts: 18 })
    expect(speaksFor(ground.signs, 'fan-ground-bad')).toBeGreaterThan(1.9)
  })
  it('what is missing behind a relay that fails, or where nothing is called for, is no lost feed', () => {
    const missing = { batteryVolts: 12.6, supplyVolts: 0.2 }
    expect(walk(missing).facts).toContain('fan-feed-missing')
    expect(walk({ ...missing, relay: 'fails' }).facts).not.toContain('fan-feed-missing')
    expect(walk({ ...missing, command: 'absent' }).facts).not.toContain('fan-feed-missing')
    expect(walk({ ...missing, bridged: 'runs' }).facts).not.toContain('fan-feed-missing')
    expect(walk({ ...missing, relay: 'fails', fuse: 'blown' }).facts).toContain('fan-feed-missing')
  })
  it('one link that the measurements leave is led to, though it was not measured itself', () => {
    const only = walk({
      batteryVolts: 12.6,
      supplyVolts: 12.4,
      bridged: 'dead',
      groundDropVolts: 0.1,
    })
    expect(figures<FanCircuitAnalysis>(only).byElimination).toBe('motor')
    expect(speaksFor(only.signs, 'fan-fed-dead')).toBeGreaterThan(1)
    const two = walk({ batteryVolts: 12.6, supplyVolts: 12.4, bridged: 'dead' })
    expect(figures<FanCircuitAnalysis>(two).byElimination).toBeUndefined()
  })
  it('a fan with electronics of its own is never fed directly', () => {
    const on = (fan: 'electric-module' | 'electric-relay') =>
      outcome(
        fanCircuitCheck,
        'fan-circuit.walk',
        {
          switchingPlace: celsius(100),
          switchesAt: celsius(95),
          supplyVolts: 12.5,
          bridged: 'dead',
        } as never,
        { profile: { fan } },
      )
    const next = (fan: 'electric-module' | 'electric-relay') =>
      figures<FanCircuitAnalysis>(on(fan)).next
    expect(next('electric-module')).not.toBe('directFeed')
    expect(on('electric-module').cautions.map((c) => c.id)).toContain('caution.ownElectronics')
    expect(on('electric-relay').cautions.map((c) => c.id)).toContain('caution.fusedFeed')
  })
  it('on a vehicle with a viscous clutch it says that the circuit does not belong to it', () => {
    const o = outcome(fanCircuitCheck, 'fan-circuit.walk', { directFeed: 'dead' } as never, {
      profile: { fan: 'viscous-clutch' },
    })
    expect(o.notes[0]!.id).toBe('note.circuitOnViscousFan')
  })
})
