import { message } from '../../message'
import { perRecord } from '../outcome'
import { pumpOffSigns } from './signs'

export const pumpOffCheck = perRecord('pump-off', 'pump-off.look', (record, _, source) => ({
  states: [
    record.impeller === 'sound' || record.impeller === 'not-looked'
      ? 'impeller-sound'
      : `impeller-${record.impeller}`,
    ...(record.seal === 'worn' ? ['seal-worn'] : []),
  ],
  signs: pumpOffSigns(source, record),
  facts:
    record.impeller === 'sound' || record.impeller === 'not-looked' ? [] : ['impeller-seen-bad'],
  doesNotProve: [message('pumpOff.pass.hotSlip')],
}))
