import type { CheckWords } from './check-words'

export const fanInAction: CheckWords = {
  name: 'Fan in action',
  why: 'Does it start where it should.',
  sentences: {
    'fan.notCalledFor':
      'The fan did not run, and the place that switches it was not shown hot: nothing follows.',
    'says.fanStarted': 'Fan started by itself',
    'says.fanAlways': 'Fan runs all the time',
    'says.fanNotAlways': 'Fan does not run all the time',
    'says.fanAc.yes': 'Fan runs with air conditioning on',
    'says.fanAc.no': 'Fan does not run with air conditioning on',
  },
}
