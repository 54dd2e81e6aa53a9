import { message } from '../../message'
import { perRecord } from '../outcome'
import { flowSigns } from './signs'

export const radiatorFlowCheck = perRecord(
  'radiator-flow',
  'radiator-flow.test',
  (record, _, source) => {
    const poor =
      record.passes === 'backs-up' &&
      record.lookedFromBothTanks !== 'one-only' &&
      record.lookedFromBothTanks !== 'not-looked'
    return {
      states: [record.passes === 'backs-up' ? 'restricted' : 'passes'],
      facts: poor ? ['radiator-flow-poor'] : [],
      signs: flowSigns(source, record),
      notes:
        record.lookedFromBothTanks === 'one-only' || record.lookedFromBothTanks === 'not-looked'
          ? [message('flow.lookFromBoth')]
          : [],
      doesNotProve: [message('flow.pass.weak')],
    }
  },
)
