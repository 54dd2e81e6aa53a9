import type { CheckWords } from './check-words'

export const coolerTest: CheckWords = {
  name: 'Coolers by themselves',
  why: 'Isolated one by one.',
  states: {
    leaks: 'Leaks.',
    tight: 'Tight.',
  },
  sentences: {
    'cooler.pass.hot': 'a cooler that leaks only hot',
    'says.cooler.leaks': 'Leaks when tested alone: {which}',
    'says.cooler.tight': 'Tight when tested alone: {which}',
  },
}
