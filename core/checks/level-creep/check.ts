import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseCreep } from './analysis'
import { creepSigns } from './signs'
import { levelCreep } from './record'

export const levelCreepCheck = defineCheck({
  id: 'level-creep',
  records: { 'level-creep.watch': levelCreep },
  phase: 'hot',
  minutes: 15,
  sides: ['leak', 'flow', 'nothing-wrong'],
  signs: these('creep', 'bubbling'),
  cautions: ['capStaysOn'],
  doesNotProve: ['creep.pass.expansion'],
  shows: ['level-above-mark', 'level-mark-identified', 'rises-and-holds'],
  judge: {
    'level-creep.watch': (record, _, { source }) => {
      const figures = analyseCreep(record)
      const notes = record.refilledAndNotBled === 'yes' ? [message('creep.bleedFirst')] : []
      if (record.startedAt === 'above') notes.push(message('creep.startedAbove'))
      return {
        figures,
        states: [figures.state],
        notes,
        facts: [
          ...(record.startedAt === 'at-mark' && figures.state !== 'keeps-rising'
            ? ['level-mark-identified']
            : []),
          ...(record.startedAt === 'above' ? ['level-above-mark'] : []),
          ...(figures.state === 'rises-and-holds' ? ['rises-and-holds'] : []),
        ],
        signs: creepSigns(source, record, figures),
      }
    },
  },
})
