import type { CheckWords } from './check-words'

export const refill: CheckWords = {
  name: 'Refill',
  why: 'Full, and without air.',
  sentences: {
    'says.refill.gone': 'Complaint gone once it was full and the air out',
    'says.refill.still-there': 'Complaint still there with the system full and the air out',
    'refill.thin':
      'What stayed in the block was water: about {percent} % glycol now. Add concentrate.',
  },
}
