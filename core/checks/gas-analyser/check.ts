import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseAnalyser } from './analysis'
import { analyserSigns } from './signs'
import { gasAnalyser } from './record'

export const gasAnalyserCheck = defineCheck({
  id: 'gas-analyser',
  records: { 'gas-analyser.test': gasAnalyser },
  phase: 'hot',
  minutes: 6,
  sides: ['leak'],
  signs: these('gas-in-coolant'),
  cautions: ['neverOpenHot', 'probeDry'],
  doesNotProve: ['gasTest.pass.smallOrLoad'],
  shows: ['gas-positive'],
  judge: {
    'gas-analyser.test': (record, _, { source }) => {
      const figures = analyseAnalyser(record)
      return {
        figures,
        states: [figures.state],
        facts: figures.state === 'positive' ? ['gas-positive'] : [],
        signs: analyserSigns(source, record, figures),
        notes: record.backgroundHcPpm === undefined ? [message('analyser.backgroundAssumed')] : [],
      }
    },
  },
})
