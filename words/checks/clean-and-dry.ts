import type { CheckWords } from './check-words'

export const cleanAndDry: CheckWords = {
  name: 'Wipe the joints',
  why: 'What is wet afterwards is new.',
  states: {
    wiped: 'Wiped.',
  },
  sentences: {},
}
