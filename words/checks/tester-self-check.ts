import type { CheckWords } from './check-words'

export const testerSelfCheck: CheckWords = {
  name: 'Tester on itself',
  why: 'A hold is only as good as the tester.',
  sentences: {
    'selfCheck.pass.adapterJoint': 'the joint between adapter and neck: soap it during the hold',
  },
}
