import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseAnalyser } from './analysis'
import { analyserSigns } from './signs'

export const gasAnalyserCheck = perRecord(
  'gas-analyser',
  'gas-analyser.test',
  (record, _, source) => {
    const figures = analyseAnalyser(record)
    return {
      figures,
      states: [figures.state],
      facts: figures.state === 'positive' ? ['gas-positive'] : [],
      signs: analyserSigns(source, record, figures),
      notes: record.backgroundHcPpm === undefined ? [message('analyser.backgroundAssumed')] : [],
      doesNotProve: [message('gasTest.pass.smallOrLoad')],
      cautions: [message('caution.neverOpenHot'), message('caution.probeDry')],
    }
  },
)
