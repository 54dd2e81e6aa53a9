import type { CheckWords } from './check-words'

export const refill: CheckWords = {
  name: 'Refill',
  why: 'Full, and without air.',
  sentences: {
    'refill.thin':
      'What stayed in the block was water: about {percent} % glycol now. Add concentrate.',
  },
}
