import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { coldSoakCheck } from './check'

const resistance = (measuredOhm: number, atC = 20, from = 2300, to = 2700) =>
  outcome(coldSoakCheck, 'cold-soak.resistance', {
    measuredOhm,
    at: celsius(atC),
    specifiedFromOhm: from,
    specifiedToOhm: to,
  })
const tellsWarmerK = (ohm: number) =>
  (resistance(ohm).figures as { tellsWarmerK: number }).tellsWarmerK

describe('the sensor by itself', () => {
  it('is right inside its range, off beyond it, and higher than it should be reads colder', () => {
    expect(resistance(2500).states).toEqual(['resistance-right'])
    expect(tellsWarmerK(2500)).toBe(0)
    expect(resistance(4000).states).toEqual(['resistance-off'])
    expect(tellsWarmerK(4000)).toBeLessThan(-6)
    expect(tellsWarmerK(1500)).toBeGreaterThan(10)
    expect(resistance(2900).states).toEqual(['resistance-right'])
    expect(resistance(3050).states).toEqual(['resistance-doubtful'])
  })
  it('an open or a shorted one is off, however far', () => {
    for (const ohm of [0.5, 15_000_000]) {
      expect(resistance(ohm).states).toEqual(['resistance-off'])
      expect(speaksFor(resistance(ohm).signs, 'sensor-resistance-off')).toBeGreaterThan(1.5)
    }
    expect(tellsWarmerK(0.5)).toBe(80)
    expect(tellsWarmerK(15_000_000)).toBe(-80)
  })
  it('a right one speaks against the sensor, and points to the wiring', () => {
    const right = resistance(2500)
    expect(speaksFor(right.signs, 'sensor-resistance-off')).toBeLessThan(-0.7)
    expect(right.notes.map(({ id }) => id)).toEqual(['coldSoak.lookAtTheWiring'])
  })
})
