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
})
