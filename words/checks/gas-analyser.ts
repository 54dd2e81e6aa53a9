import type { CheckWords } from './check-words'

export const gasAnalyser: CheckWords = {
  name: 'Gas by analyser',
  why: 'Hydrocarbons over the neck.',
  sentences: {
    'analyser.backgroundAssumed': 'Background not measured: 20 ppm taken.',
    'says.analyser': 'Analyser {ppm} ppm above background',
  },
}
