import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseRunningPressure } from './analysis'
import { runningPressureSigns } from './signs'

export const runningPressureCheck = perRecord(
  'running-pressure',
  'running-pressure.run',
  (record, _, source) => {
    const figures = analyseRunningPressure(record)
    const cautions = [message('caution.reliefKept')]
    if (record.adapterReliefAtOrBelowCap !== 'yes')
      cautions.unshift(message('caution.reliefNotShown'))
    return {
      figures,
      states: [figures.state],
      signs: runningPressureSigns(source, record, figures),
      notes: figures.state === 'not-hot-enough' ? [message('runningPressure.notHot')] : [],
      doesNotProve: [message('runningPressure.pass.pump')],
      cautions,
    }
  },
)
