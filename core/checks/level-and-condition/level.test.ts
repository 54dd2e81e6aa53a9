import { describe, expect, it } from 'vitest'
import { SENTENCES } from '../../../words/catalogue'
import { levelAndCondition as words } from '../../../words/checks/level-and-condition'
import { outcome, speaksFor } from '../check.fixture'
import { levelAndConditionCheck, levelStates } from './check'
import { levelAndCondition, type LevelAndCondition } from './record'

const judge = (look: LevelAndCondition) =>
  outcome(levelAndConditionCheck, 'level-and-condition.look', look)

describe('level and condition', () => {
  it('strong pressure in a cold system says that gas is made', () => {
    const seen = judge({ level: 'right', residualPressure: 'strong' })
    expect(seen.states).toEqual(['right', 'pressure-left'])
    expect(seen.notes.map((n) => n.id)).toContain('level.gasMade')
  })
  it('a full bottle does not clear the radiator behind it; no pressure does not clear gas that escaped', () => {
    expect(
      judge({ level: 'right', residualPressure: 'none' }).doesNotProve.map((m) => m.id),
    ).toEqual(['level.pass.radiatorBehind', 'level.pass.noPressure'])
    expect(judge({ level: 'low' }).doesNotProve).toEqual([])
  })
  it('a radiator that is low beside a full bottle is short, and was not drawn back', () => {
    const seen = judge({ level: 'right', radiatorLevel: 'low' })
    expect(seen.states).toEqual(['not-drawn-back'])
    expect(seen.facts).toEqual(['level-low'])
    expect(seen.doesNotProve).toEqual([])
    expect(seen.signs.map((s) => s.sign)).toEqual(['level-cold', 'not-drawn-back'])
    expect(speaksFor(seen.signs, 'not-drawn-back')).toBeGreaterThan(1)
    expect(
      speaksFor(judge({ level: 'low', radiatorLevel: 'full' }).signs, 'not-drawn-back'),
    ).toBeLessThan(-0.5)
    expect(judge({ level: 'low', radiatorLevel: 'low' }).signs.map((s) => s.sign)).toEqual([
      'level-cold',
    ])
    expect(judge({ radiatorLevel: 'full' }).states).toEqual(['radiator-full'])
  })
  it('froth under the filler alone is no finding, and is said to come from short trips too', () => {
    const seen = judge({ emulsionInOil: 'filler-only' })
    expect(seen.states).toEqual([])
    expect(seen.doesNotProve.map((m) => m.id)).toEqual(['level.pass.shortTrips'])
  })
  it('coolant in the oil, or gearbox fluid in the coolant: not to be run', () => {
    for (const look of [{ emulsionInOil: 'dipstick' }, { pinkFroth: 'yes' }] as const)
      expect(judge(look).notes.map((n) => n.id)).toContain('level.doNotRun')
  })
  it('a smell asks for a test and moves no sign', () => {
    expect(judge({ smell: 'exhaust' }).notes.map((n) => n.id)).toEqual(['level.smellsOfExhaust'])
    expect(judge({ smell: 'exhaust', colour: 'green' }).signs).toEqual([])
  })
  it('every finding has a name, every sentence words', () => {
    const every = {
      level: 'empty',
      oilInCoolant: 'yes',
      emulsionInOil: 'dipstick',
      residualPressure: 'strong',
      look: 'sludge',
      mixed: 'yes',
      pinkFroth: 'yes',
      sealant: 'yes',
      liquidBelow: 'water',
      smell: 'fuel',
    } as const
    for (const state of [...levelStates(every), 'overfull', 'right', 'low', 'brown'])
      expect(words.states![state], state).toMatch(/\.$/)
    for (const look of [
      every,
      { level: 'overfull', residualPressure: 'none', emulsionInOil: 'filler-only' },
      { smell: 'exhaust' },
    ] as const) {
      const { notes, doesNotProve, cautions } = judge(look)
      for (const m of [...notes, ...doesNotProve, ...cautions])
        expect(SENTENCES[m.id], m.id).toBeDefined()
    }
  })
  it('a colour is a word, not a page', () => {
    expect(levelAndCondition.safeParse({ colour: '' }).success).toBe(false)
    expect(levelAndCondition.safeParse({ colour: 'x'.repeat(31) }).success).toBe(false)
  })
})
