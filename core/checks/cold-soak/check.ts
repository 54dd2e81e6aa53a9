import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseColdSoak } from './analysis'
import { coldSoakSigns } from './signs'
import { coldSoak } from './record'

export const coldSoakCheck = defineCheck({
  id: 'cold-soak',
  records: { 'cold-soak.test': coldSoak },
  phase: 'cold',
  minutes: 4,
  sides: ['reading'],
  signs: these('sensor-off-cold', 'wiring-bad'),
  doesNotProve: ['coldSoak.pass.hot'],
  shows: ['wiring-good', 'wiring-jumps'],
  judge: {
    'cold-soak.test': (record, _, { source }) => {
      const figures = analyseColdSoak(record)
      return {
        figures,
        states: [figures.state],
        facts:
          record.wiring === 'not-known'
            ? []
            : [record.wiring === 'jumps' ? 'wiring-jumps' : 'wiring-good'],
        signs: coldSoakSigns(source, record, figures),
        notes: figures.soaked ? [] : [message('coldSoak.shortSoak', { hours: 8 })],
      }
    },
  },
})
