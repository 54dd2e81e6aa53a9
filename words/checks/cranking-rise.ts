import type { CheckWords } from './check-words'

export const crankingRise: CheckWords = {
  name: 'Cranking rise',
  why: 'A gas path, before anything is warm.',
  states: {
    'no-run': 'No run counts yet.',
    'no-rise': 'No rise.',
    rise: 'Pressure rises with cranking.',
    doubtful: 'Doubtful: within the gauge’s step.',
  },
  sentences: {
    'note.cylindersAssumed': 'Number of cylinders taken as {cylinders}: not recorded.',
    'locate.cylinders': 'Which cylinders? Runs with plugs out name them before the head comes off.',
    'cranking.gasketOrCrack': 'whether gasket or crack',
    'cranking.pass.sealsCold': 'a breach that seals cold',
    'cranking.nextRun': 'The most telling next run: only cylinder {cylinders} plugged.',
    'cranking.notAdditive':
      'The runs do not add up: a breach between two cylinders, or a run that went wrong.',
    'says.cranking': 'Cranking raises the pressure by {rate}',
    'crankTrace.tooShort': 'The trace is too short: {least} values or more are needed.',
    'crankTrace.backward': 'The times of the trace run backward or stand still.',
    'crankTrace.gap':
      'The trace has a gap from {from} s to {to} s: what happened there is not known. Record it again.',
  },
}
