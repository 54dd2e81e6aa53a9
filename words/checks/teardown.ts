import type { CheckWords } from './check-words'

export const teardown: CheckWords = {
  name: 'Head and faces',
  why: 'The last word, and the dearest.',
  sentences: {
    'teardown.limitNeeded': 'Enter the maker’s limit: without it nothing is judged.',
    'teardown.boltsAfterOverheating':
      'Stretch bolts are not used again after overheating; the maker’s text governs.',
    'says.flatness': 'Worst gap {gap}; limit {limit}',
    'says.crack.found': 'Crack found',
    'says.crack.none': 'No crack after test',
    'says.liners.out': 'A liner is out of limits',
    'says.liners.good': 'Liners within limits',
    'says.gasketTrace.across': 'Trace across the gasket',
    'says.gasketTrace.none': 'No trace across the gasket',
    'says.pitting.at-coolant-port': 'Pitted at a coolant port',
    'says.pitting.none': 'Manifold face sound',
  },
}
