import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseVacuum } from './analysis'
import { vacuumSigns } from './signs'

export const vacuumDecayCheck = perRecord(
  'vacuum-decay',
  'vacuum-decay.test',
  (record, _, source) => {
    const figures = analyseVacuum(record)
    return {
      figures,
      states: [figures.state],
      signs: vacuumSigns(source, figures.kPaPerMinute, record.minutes),
      doesNotProve: [message('vacuum.pass.pressureLeaks')],
    }
  },
)
