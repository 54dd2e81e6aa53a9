import type { CheckWords } from './check-words'

export const cylinderLeakage: CheckWords = {
  name: 'Cylinder leakage',
  why: 'Air in the cylinder, bubbles in the neck.',
  states: {
    'leaks-to-coolant': 'Leaks to the coolant.',
    'leaks-elsewhere': 'Leaks elsewhere.',
    tight: 'Tight.',
  },
  panel: {
    'cylinder-leakage.testThisOne': 'Test this one',
    'cylinder-leakage.cylinderLeaks': 'Cylinder {chosen} leaks',
    'cylinder-leakage.bubblesInTheNeck': 'Bubbles in the neck',
    'cylinder-leakage.bubbles': 'Bubbles',
    'cylinder-leakage.none': 'None',
    'cylinder-leakage.notLooked': 'Not looked at',
    'cylinder-leakage.keepCylinder': 'Keep cylinder {chosen}',
    'cylinder-leakage.takeItBack': 'Take it back',
    'cylinder-leakage.bubbles2': ', bubbles',
    'cylinder-leakage.notTested': 'not tested',
    'cylinder-leakage.typeTheLeakageInPer': 'Type the leakage in per cent, 0 to 100.',
  },
  sentences: {
    'leakage.pass.cold': 'a breach that opens only hot',
    'says.leakage.bubbles': 'Air in cylinder {cylinder} bubbles in the neck',
    'says.leakage.none': 'No bubbles from cylinder {cylinder} ({percent} % leaks elsewhere)',
  },
}
