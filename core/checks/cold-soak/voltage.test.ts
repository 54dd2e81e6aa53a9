import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { coldSoakCheck } from './check'

const signal = (measuredVolts: number) =>
  outcome(coldSoakCheck, 'cold-soak.voltage', {
    measuredVolts,
    at: celsius(20),
    specifiedFromVolts: 2.9,
    specifiedToVolts: 3.2,
  })

describe('the signal of the sensor, its plug in', () => {
  it('is right inside its range and a tenth of a volt beside it, off from three tenths on', () => {
    expect([3, 2.85, 3.25].map((v) => signal(v).states[0])).toEqual(Array(3).fill('signal-right'))
    expect(signal(3.4).states).toEqual(['signal-doubtful'])
    expect([3.9, 2.4].map((v) => signal(v).states[0])).toEqual(Array(2).fill('signal-off'))
  })
  it('off, it says that the reading is wrong, not that the sensor is', () => {
    const high = signal(3.9)
    expect(high.signs.map(({ sign, says }) => [sign, says.id])).toEqual([
      ['sensor-off-cold', 'says.signal.colder'],
      ['scan-reads-low', 'says.signal.colder'],
    ])
    expect(signal(2.4).signs[0]!.says.id).toBe('says.signal.warmer')
    expect(high.notes.map(({ id }) => id)).toEqual(['coldSoak.signalOff'])
    expect(speaksFor(high.signs, 'sensor-off-cold')).toBeGreaterThan(1)
  })
  it('right, it speaks against a reading that is off; beside its range it says nothing', () => {
    expect(speaksFor(signal(3).signs, 'sensor-off-cold')).toBeLessThan(-0.7)
    expect(signal(3.4).signs).toEqual([])
  })
})
