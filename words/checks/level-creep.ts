import type { CheckWords } from './check-words'

export const levelCreep: CheckWords = {
  name: 'Level, hot',
  why: 'Rises and holds, or keeps rising.',
  sentences: {
    'creep.bleedFirst':
      'Refilled and not bled: bubbles and overflow are air until shown otherwise.',
    'creep.startedAbove': 'It began above the mark: overflow is to be expected.',
    'creep.pass.expansion': 'anything beyond normal expansion, without bubbles watched',
    'says.bubbles.none': 'No bubbles',
    'says.bubbles.at-first': 'Bubbles at first, then none',
    'says.bubbles.continuous': 'Bubbles that do not end',
    'says.overflowed.yes': 'It overflowed',
    'says.overflowed.no': 'It did not overflow',
  },
}
