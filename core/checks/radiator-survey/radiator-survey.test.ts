import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { radiatorSurveyCheck } from './check'
import { coldCells } from './analysis'

describe('radiator survey', () => {
  const grid = (cold: boolean) =>
    Array.from({ length: 6 }, (_, r) =>
      Array.from({ length: 8 }, (_, c) => 90 - 3 * r - (cold && c > 1 && c < 5 && r > 2 ? 20 : 0)),
    )
  it('finds the cold cells of a face that cools smoothly, and none on a sound one', () => {
    expect(coldCells(grid(false), 90, 75).flat().filter(Boolean).length).toBe(0)
    expect(coldCells(grid(true), 90, 75).flat().filter(Boolean).length).toBe(9)
  })
  it('patches count with the thermostat open and the fan off, and less without', () => {
    const survey = (more: object) =>
      outcome(radiatorSurveyCheck, 'radiator-survey.grid', {
        inlet: celsius(90),
        outlet: celsius(75),
        gridC: grid(true),
        thermostatOpen: 'shown',
        pumpDelivers: 'shown',
        fan: 'off',
        ...more,
      } as never)
    expect(survey({}).states).toEqual(['patches'])
    expect(
      speaksFor(survey({ thermostatOpen: 'not-shown' }).signs, 'radiator-patches'),
    ).toBeLessThan(0.4 * speaksFor(survey({}).signs, 'radiator-patches'))
    expect(survey({ thermostatOpen: 'not-shown' }).notes[0]!.id).toBe('survey.thermostatNotShown')
  })
  it('a cold radiator on a hot engine is told from one that was not hot yet', () => {
    const cold = (engine: number) =>
      speaksFor(
        outcome(radiatorSurveyCheck, 'radiator-survey.grid', {
          inlet: celsius(45),
          outlet: celsius(40),
          thermostatOpen: 'shown',
          pumpDelivers: 'not-known',
          fan: 'off',
          engine: celsius(engine),
        } as never).signs,
        'radiator-cold',
      )
    expect(cold(105)).toBeGreaterThan(0.8)
    expect(cold(78)).toBeLessThan(0.1)
  })
})
