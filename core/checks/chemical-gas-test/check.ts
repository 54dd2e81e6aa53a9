import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseGasTest } from './analysis'
import { gasTestSigns } from './signs'
import { chemicalGasTest } from './record'

export const chemicalGasTestCheck = defineCheck({
  id: 'chemical-gas-test',
  records: { 'chemical-gas-test.test': chemicalGasTest },
  phase: 'hot',
  minutes: 10,
  sides: ['leak'],
  signs: these('gas-in-coolant'),
  cautions: ['neverOpenHot', 'openNeckBoils'],
  doesNotProve: ['gasTest.pass.smallOrLoad'],
  shows: ['gas-positive'],
  judge: {
    'chemical-gas-test.test': (record, context, { source }) => {
      const figures = analyseGasTest(record, context.complaint)
      return {
        figures,
        states: [figures.state],
        cautions: record.funnelFittedCold === 'no' ? [message('caution.funnelNotCold')] : [],
        facts:
          figures.state === 'positive' && figures.positiveValidity > 0.8 ? ['gas-positive'] : [],
        signs: gasTestSigns(source, record, figures),
        notes:
          record.colour === 'same'
            ? figures.missing.map((m) => message(`gasTest.missing.${m}`))
            : record.spoilt === 'no'
              ? []
              : [message('gasTest.spoilt')],
      }
    },
  },
})
