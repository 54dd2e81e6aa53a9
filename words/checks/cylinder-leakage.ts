import type { CheckWords } from './check-words'

export const cylinderLeakage: CheckWords = {
  name: 'Cylinder leakage',
  why: 'Air in the cylinder, bubbles in the neck.',
  states: {
    'leaks-to-coolant': 'Leaks to the coolant.',
    'leaks-elsewhere': 'Leaks elsewhere.',
    tight: 'Tight.',
  },
  sentences: {
    'leakage.pass.cold': 'a breach that opens only hot',
    'says.leakage.bubbles': 'Air in cylinder {cylinder} bubbles in the neck',
    'says.leakage.none': 'No bubbles from cylinder {cylinder} ({percent} % leaks elsewhere)',
  },
}
