import { defineCheck, these } from '../define-check'
import { followUpSigns } from './signs'
import { levelFollowUp } from './record'

export const levelFollowUpCheck = defineCheck({
  id: 'level-follow-up',
  records: { 'level-follow-up.look': levelFollowUp },
  phase: 'any',
  minutes: 5,
  afterDays: 7,
  sides: ['leak', 'nothing-wrong'],
  showsHarmless: ['coolant-loss'],
  signs: these('level-falls-after'),
  shows: ['level-mark-identified'],
  judge: {
    'level-follow-up.look': (record, _, { source }) => ({
      states: [record.level],
      figures: { daysAfter: record.daysAfter },
      signs: followUpSigns(source, record),
      facts:
        record.level === 'at-mark' && record.daysAfter >= 7
          ? ['level-steady-a-week', 'level-mark-identified']
          : [],
    }),
  },
})
