import type { CheckWords } from './check-words'

export const actuators: CheckWords = {
  name: 'Commanded devices',
  why: 'Commanded against actual.',
  sentences: {
    'device.pass.flow': 'the flow itself',
    'says.device.follows': 'Follows its command: {device}',
    'says.device.not': 'Does not follow its command: {device}',
    'says.device.notSupplied': 'Has no supply: {device}',
  },
}
