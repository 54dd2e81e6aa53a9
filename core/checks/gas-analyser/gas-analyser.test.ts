import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { gasAnalyserCheck } from './check'

describe('gas analyser', () => {
  it('the analyser: hundreds of ppm above background are gas, a few tens are hot glycol', () => {
    const analyser = (hcPpm: number) =>
      outcome(gasAnalyserCheck, 'gas-analyser.test', {
        hcPpm,
        backgroundHcPpm: 20,
        engine: celsius(90),
        thermostatOpen: 'shown',
        load: 'idle',
      } as never)
    expect([analyser(900).states, analyser(35).states]).toEqual([['positive'], ['negative-valid']])
    expect(speaksFor(analyser(900).signs, 'gas-in-coolant')).toBeGreaterThan(0.8)
    expect(speaksFor(analyser(35).signs, 'gas-in-coolant')).toBeLessThan(-0.3)
  })

  const sample = (more: object) =>
    outcome(gasAnalyserCheck, 'gas-analyser.test', {
      hcPpm: 20,
      backgroundHcPpm: 20,
      engine: celsius(90),
      thermostatOpen: 'shown',
      load: 'idle',
      ...more,
    } as never)

  it('at its limits: over 150 ppm above background is gas, over 60 a doubt', () => {
    const state = (above: number) => sample({ hcPpm: 20 + above }).states[0]
    expect([60, 61, 150, 151].map(state)).toEqual([
      'negative-valid',
      'doubtful',
      'doubtful',
      'positive',
    ])
  })
  it('carbon dioxide beside hydrocarbons is gas, one without the other doubtful', () => {
    expect(sample({ co2Percent: 0.5 }).states).toEqual(['negative-valid'])
    expect(sample({ co2Percent: 0.6 }).states).toEqual(['doubtful'])
    expect(sample({ hcPpm: 60, co2Percent: 0.6 }).states).toEqual(['positive'])
    expect(sample({ hcPpm: 400, co2Percent: 0.1 }).states).toEqual(['doubtful'])
    expect(sample({ hcPpm: 400 }).states).toEqual(['positive'])
    const towards = (co2Percent: number) =>
      speaksFor(sample({ hcPpm: 60, co2Percent }).signs, 'gas-in-coolant')
    expect(towards(4)).toBeGreaterThan(0.5)
    expect(towards(0)).toBeLessThan(speaksFor(sample({ hcPpm: 60 }).signs, 'gas-in-coolant'))
  })
  it('nothing found says something only of a hot engine with its thermostat open', () => {
    const validity = (more: object) => sample(more).signs[0]!.validity
    expect(validity({})).toBeCloseTo(0.9, 9)
    expect(validity({ engine: celsius(80) })).toBeCloseTo(0.9, 9)
    expect(validity({ engine: celsius(79) })).toBeCloseTo(0.315, 9)
    expect(validity({ engine: undefined })).toBeCloseTo(0.315, 9)
    expect(validity({ thermostatOpen: 'not-shown' })).toBeCloseTo(0.675, 9)
    expect(sample({ thermostatOpen: 'not-shown' }).states).toEqual(['negative-invalid'])
    expect(validity({ hcPpm: 900, engine: undefined })).toBe(0.92)
  })
  it('a background that was not measured is told as taken', () => {
    expect(sample({ backgroundHcPpm: undefined }).notes.map((n) => n.id)).toEqual([
      'analyser.backgroundAssumed',
    ])
    expect(sample({}).notes).toEqual([])
  })
})
