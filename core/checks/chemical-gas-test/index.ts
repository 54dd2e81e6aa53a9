import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseGasTest } from './analysis'
import { gasTestSigns } from './signs'

export const chemicalGasTestCheck = perRecord(
  'chemical-gas-test',
  'chemical-gas-test.test',
  (record, context, source) => {
    const figures = analyseGasTest(record, context.complaint)
    const cautions = [message('caution.neverOpenHot'), message('caution.openNeckBoils')]
    if (record.funnelFittedCold === 'no') cautions.unshift(message('caution.funnelNotCold'))
    return {
      figures,
      states: [figures.state],
      cautions,
      facts: figures.state === 'positive' && figures.positiveValidity > 0.8 ? ['gas-positive'] : [],
      signs: gasTestSigns(source, record, figures),
      notes:
        record.colour === 'same'
          ? figures.missing.map((m) => message(`gasTest.missing.${m}`))
          : record.spoilt === 'no'
            ? []
            : [message('gasTest.spoilt')],
      doesNotProve: [message('gasTest.pass.smallOrLoad')],
    }
  },
)
