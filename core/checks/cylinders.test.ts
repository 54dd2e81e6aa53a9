import { describe, expect, it } from 'vitest'
import { outcome } from './check.fixture'
import { crankingRiseCheck } from './cranking-rise/check'
import { cylinderLeakageCheck } from './cylinder-leakage/check'
import { cylindersOf, noSuchCylinder } from './cylinders'
import { endoscopeCheck } from './endoscope/check'

const wet = { cylinder: 6, seen: 'wet', pressed: true } as const
const leaks = { cylinder: 6, leakPercent: 40, bubblesInNeck: 'yes' } as const

describe('the cylinders of an engine', () => {
  it('are four where nobody wrote it down, or as many as were named', () => {
    expect(cylindersOf({}, [2])).toBe(4)
    expect(cylindersOf({ cylinders: 'not-known' }, [2, 6])).toBe(6)
    expect(cylindersOf({ cylinders: 3 }, [6])).toBe(3)
  })
  it('a record of one that is not there concludes nothing, and says so', () => {
    const profile = { cylinders: 4 }
    expect(noSuchCylinder(profile, [1, 4])).toBeUndefined()
    expect(noSuchCylinder(profile, [])).toBeUndefined()
    for (const found of [
      outcome(endoscopeCheck, 'endoscope.look', wet, { profile }),
      outcome(cylinderLeakageCheck, 'cylinder-leakage.test', leaks, { profile }),
    ]) {
      expect(found.notes.map(({ id }) => id)).toEqual(['note.noSuchCylinder'])
      expect([found.states, found.signs, found.facts]).toEqual([[], [], []])
    }
  })
  it('one beyond the fourth is believed where their number is not known', () => {
    const looked = outcome(endoscopeCheck, 'endoscope.look', wet, { profile: {} })
    expect(looked.facts).toContain('cylinder-wet')
    expect(looked.signs.map(({ sign }) => sign)).toEqual(['cylinder-wet'])
    const tested = outcome(cylinderLeakageCheck, 'cylinder-leakage.test', leaks, { profile: {} })
    expect(tested.facts).toContain('leakage-bubbles')
    const run = {
      plugged: [5, 6],
      seconds: 5,
      crankingRpm: 220,
      staysAfter: 'yes' as const,
      resolutionKPa: 0.1,
      turnedByHandFirst: true,
    }
    const kPa = (value: number) => ({ typed: `${value}`, value, unit: 'kPa', coreValue: value })
    const cranked = outcome(
      crankingRiseCheck,
      'cranking-rise.run',
      { ...run, before: kPa(0), after: kPa(6) },
      { profile: {} },
    )
    expect(cranked.notes.map(({ id }) => id)).not.toContain('note.noSuchCylinder')
    expect(cranked.states).toEqual(['rise'])
  })
})
