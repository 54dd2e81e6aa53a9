import type { CheckWords } from './check-words'

export const pressureHoldHot: CheckWords = {
  name: 'Hold, hot',
  why: 'Leaks that open hot.',
  sentences: {},
}
