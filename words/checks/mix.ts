import type { CheckWords } from './check-words'

export const mix: CheckWords = {
  name: 'Coolant mix',
  why: 'A drop on the glass.',
  states: {
    right: 'Mix is right.',
    'too-thin': 'Too thin.',
    'too-strong': 'Too strong.',
  },
  sentences: {
    'mix.capacityUnknown': 'Capacity not recorded: how much to drain and add cannot be said.',
    'mix.notReachable': 'That fraction cannot be reached with this drain: drain more.',
    'says.mix': 'Mix is {percent} % by volume, {wanted} % wanted',
  },
}
