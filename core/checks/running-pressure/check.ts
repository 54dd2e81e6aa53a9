import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseRunningPressure } from './analysis'
import { runningPressureSigns } from './signs'
import { runningPressure } from './record'

export const runningPressureCheck = defineCheck({
  id: 'running-pressure',
  records: { 'running-pressure.run': runningPressure },
  phase: 'warm-up',
  minutes: 12,
  sides: ['leak'],
  signs: these('pressure-early', 'pressure-never'),
  cautions: ['reliefKept'],
  doesNotProve: ['runningPressure.pass.pump'],
  judge: {
    'running-pressure.run': (record, _, { source }) => {
      const figures = analyseRunningPressure(record)
      return {
        figures,
        states: [figures.state],
        signs: runningPressureSigns(source, record, figures),
        notes:
          figures.state === 'not-hot-enough'
            ? [message('runningPressure.notHot')]
            : figures.state === 'begun-warm'
              ? [message('runningPressure.begunWarm')]
              : [],
        cautions:
          record.adapterReliefAtOrBelowCap === 'yes' ? [] : [message('caution.reliefNotShown')],
      }
    },
  },
  finds: (_, outcomes) => {
    const last = outcomes.at(-1)
    if (last?.figures.state !== 'never-rises') return {}
    const kPaGauge = Math.max(0, last.figures.highestKPa)
    return { holds: [{ of: 'system', kPaGauge, observedAt: last.observedAt }] }
  },
})
