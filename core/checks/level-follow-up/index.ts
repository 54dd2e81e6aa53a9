import { perRecord } from '../outcome'
import { followUpSigns } from './signs'

export const levelFollowUpCheck = perRecord(
  'level-follow-up',
  'level-follow-up.look',
  (record, _, source) => ({
    states: [record.level],
    figures: { daysAfter: record.daysAfter },
    signs: followUpSigns(source, record),
    facts:
      record.level === 'at-mark' && record.daysAfter >= 7
        ? ['level-steady-a-week', 'level-mark-identified']
        : [],
  }),
)
