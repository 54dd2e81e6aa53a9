import type { CheckWords } from './check-words'

export const chemicalGasTest: CheckWords = {
  name: 'Gas in the coolant',
  why: 'A colour change is strong.',
  sentences: {
    'gasTest.missing.hot': 'engine not hot, so a negative means little',
    'gasTest.missing.thermostat-open': 'thermostat not shown open, so gas may not reach the neck',
    'gasTest.missing.level-lowered': 'level not lowered, so no gas space above it',
    'gasTest.missing.minutes': 'drawn for less than two minutes',
    'gasTest.missing.fresh-fluid': 'fluid not fresh',
    'gasTest.missing.load': 'no load, and the complaint needs load',
    'gasTest.spoilt': 'The fluid may be spoilt: a change of colour counts for less.',
    'says.gasTest.positive': 'Gas test: colour changed',
    'says.gasTest.doubtful': 'Gas test doubtful',
    'says.gasTest.negative-valid': 'Gas test negative, conditions met',
    'says.gasTest.negative-invalid': 'Gas test negative, conditions not met',
  },
}
