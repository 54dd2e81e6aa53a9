import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseColdSoak } from './analysis'
import { coldSoakSigns } from './signs'

export const coldSoakCheck = perRecord('cold-soak', 'cold-soak.test', (record, _, source) => {
  const figures = analyseColdSoak(record)
  return {
    figures,
    states: [figures.state],
    facts: record.wiring === 'not-tried' ? [] : ['wiring-checked'],
    signs: coldSoakSigns(source, record, figures),
    doesNotProve: [message('coldSoak.pass.hot')],
    notes: figures.soaked ? [] : [message('coldSoak.shortSoak', { hours: 8 })],
  }
})
