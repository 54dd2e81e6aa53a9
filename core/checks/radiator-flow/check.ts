import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { flowSigns } from './signs'
import { radiatorFlow } from './record'

export const radiatorFlowCheck = defineCheck({
  id: 'radiator-flow',
  records: { 'radiator-flow.test': radiatorFlow },
  phase: 'bench',
  minutes: 15,
  apartMinutes: 60,
  sides: ['flow'],
  signs: these('flow-restricted', 'crunch-in-hoses'),
  doesNotProve: ['flow.pass.weak'],
  shows: ['radiator-flow-poor'],
  judge: {
    'radiator-flow.test': (record, _, { source }) => {
      const poor =
        record.passes === 'backs-up' &&
        record.lookedFromBothTanks !== 'one-only' &&
        record.lookedFromBothTanks !== 'not-known'
      const through = record.lookedFromBothTanks === 'deposits-seen' ? 'deposits' : 'passes'
      return {
        states: [record.passes === 'backs-up' ? 'restricted' : through],
        facts: poor ? ['radiator-flow-poor'] : [],
        signs: flowSigns(source, record),
        notes:
          record.lookedFromBothTanks === 'one-only' || record.lookedFromBothTanks === 'not-known'
            ? [message('flow.lookFromBoth')]
            : [],
      }
    },
  },
})
