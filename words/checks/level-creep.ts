import type { CheckWords } from './check-words'

export const levelCreep: CheckWords = {
  name: 'Level, hot',
  why: 'Rises and holds, or keeps rising.',
  states: {
    steady: 'Level stands.',
    'rises-and-holds': 'Level rises and holds: normal.',
    'keeps-rising': 'Level keeps rising: something is pushing it.',
    bubbling: 'It bubbles without end.',
    'too-short': 'Too short to judge.',
  },
  panel: {
    'form.level-creep.figure.riseMm': 'Rise',
    'form.level-creep.figure.lateSlopeMmPerMinute.value': 'Still rising by',
    'form.level-creep.points': 'Level above the cold mark',
    'form.level-creep.points.minutes': 'After',
    'form.level-creep.points.mm': 'Level',
    'form.level-creep.bubbles': 'Bubbles',
    'form.level-creep.bubbles.none': 'None',
    'form.level-creep.bubbles.at-first': 'At first',
    'form.level-creep.bubbles.continuous': 'Without end',
    'form.level-creep.overflowed': 'It overflowed',
    'form.level-creep.startedAt': 'It began',
    'form.level-creep.startedAt.at-mark': 'At the mark',
    'form.level-creep.startedAt.above': 'Above it',
    'form.level-creep.startedAt.below': 'Below it',
    'form.level-creep.refilledAndNotBled': 'Refilled and not bled',
    'form.level-creep.engine': 'Engine',
  },
  sentences: {
    'creep.bleedFirst':
      'Refilled and not bled: bubbles and overflow are air until shown otherwise.',
    'creep.startedAbove': 'It began above the mark: overflow is to be expected.',
    'creep.pass.expansion': 'anything beyond normal expansion: bubbles were not watched',
    'says.bubbles.none': 'No bubbles',
    'says.bubbles.at-first': 'Bubbles at first, then none',
    'says.bubbles.continuous': 'Bubbles that do not end',
    'says.overflowed.yes': 'It overflowed',
    'says.overflowed.no': 'It did not overflow',
  },
}
