import type { CheckWords } from './check-words'

export const holdHot: CheckWords = {
  name: 'Hold, hot',
  why: 'Leaks that open hot.',
  sentences: {},
}
