import type { CheckWords } from './check-words'

export const radiatorFlow: CheckWords = {
  name: 'Radiator flow',
  why: 'What goes in must come out.',
  states: {
    passes: 'Water runs through freely.',
    deposits: 'Water runs through, and deposits lie in a tank: they came from somewhere.',
    restricted: 'Water backs up: the core is restricted.',
  },
  panel: {
    'form.radiator-flow.passes': 'Water poured in',
    'form.radiator-flow.passes.as-fast-as-in': 'Runs out as fast',
    'form.radiator-flow.passes.backs-up': 'Backs up',
    'form.radiator-flow.lookedFromBothTanks': 'Looked in from the tanks',
    'form.radiator-flow.lookedFromBothTanks.both-clear': 'Both clear',
    'form.radiator-flow.lookedFromBothTanks.one-only': 'Only one looked into',
    'form.radiator-flow.lookedFromBothTanks.deposits-seen': 'Deposits seen',
    'form.radiator-flow.lookedFromBothTanks.not-known': 'Not looked at',
  },
  sentences: {
    'flow.lookFromBoth': 'Looked at from one tank only; the far tank hides its tubes.',
    'flow.pass.weak': 'much: a hose gives far less than the pump',
    'says.flow.as-fast-as-in': 'Radiator passes as fast as filled',
    'says.flow.backs-up': 'Radiator backs up',
    'says.tanks.both-clear': 'Both tanks clear',
    'says.tanks.deposits-seen': 'Deposits seen from a tank',
  },
}
