import type { CheckWords } from './check-words'

export const radiatorFlow: CheckWords = {
  name: 'Radiator flow',
  why: 'What goes in must come out.',
  sentences: {
    'flow.lookFromBoth': 'Looked at from one tank only; the far tank hides its tubes.',
    'flow.pass.weak': 'much: a hose gives far less than the pump',
    'says.flow.as-fast-as-in': 'Radiator passes as fast as filled',
    'says.flow.backs-up': 'Radiator backs up',
    'says.tanks.both-clear': 'Both tanks clear',
    'says.tanks.deposits-seen': 'Deposits seen from a tank',
  },
}
