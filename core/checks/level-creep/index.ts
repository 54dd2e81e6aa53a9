import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseCreep } from './analysis'
import { creepSigns } from './signs'

export const levelCreepCheck = perRecord(
  'level-creep',
  'level-creep.watch',
  (record, _, source) => {
    const figures = analyseCreep(record)
    const notes = record.refilledAndNotBled === 'yes' ? [message('creep.bleedFirst')] : []
    if (record.startedAt === 'above') notes.push(message('creep.startedAbove'))
    return {
      figures,
      states: [figures.state],
      notes,
      facts:
        record.startedAt === 'at-mark' && figures.state !== 'keeps-rising'
          ? ['level-mark-identified']
          : [],
      signs: creepSigns(source, record, figures),
      doesNotProve: [message('creep.pass.expansion')],
      cautions: [message('caution.capStaysOn')],
    }
  },
)
