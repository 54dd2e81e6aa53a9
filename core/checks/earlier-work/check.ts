import { message } from '../../quantity/message'
import { defineCheck } from '../define-check'
import { holdTold, renewed } from './record'
import { holdToldSigns, renewedSigns } from './signs'

/**
 * What was renewed and pressed before the vehicle came here, as far as somebody tells of it. No plan sends anybody to it:
 * mostly nothing was renewed, and what the keeper tells unasked is written down when it is told.
 */
export const earlierWorkCheck = defineCheck({
  id: 'earlier-work',
  records: { 'earlier-work.renewed': renewed, 'earlier-work.hold': holdTold },
  phase: 'any',
  minutes: 2,
  asksKeeper: true,
  judge: {
    'earlier-work.renewed': (record, _, { source }) => ({
      states: [record.complaintAfter],
      notes: record.complaintAfter === 'came-back' ? [message('earlierWork.whatKillsIt')] : [],
      signs: renewedSigns(source, record),
    }),
    'earlier-work.hold': (record, _, { source }) => ({
      states: [record.told],
      notes: record.told === 'held' ? [message('earlierWork.pressItAgain')] : [],
      signs: holdToldSigns(source, record),
    }),
  },
})
