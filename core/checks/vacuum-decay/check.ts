import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseVacuum } from './analysis'
import { vacuumSigns } from './signs'
import { vacuumDecay } from './record'

export const vacuumDecayCheck = defineCheck({
  id: 'vacuum-decay',
  records: { 'vacuum-decay.test': vacuumDecay },
  phase: 'cold',
  minutes: 8,
  sides: ['leak'],
  presses: true,
  signs: these('vacuum-falls'),
  doesNotProve: ['vacuum.pass.pressureLeaks'],
  judge: {
    'vacuum-decay.test': (record, _, { source }) => {
      const figures = analyseVacuum(record)
      return {
        figures,
        states: [figures.state],
        notes: figures.state === 'rises' ? [message('vacuum.rises')] : [],
        signs:
          figures.state === 'rises'
            ? []
            : vacuumSigns(source, figures.kPaPerMinute, record.minutes),
      }
    },
  },
})
