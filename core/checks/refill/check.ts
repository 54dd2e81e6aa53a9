import { message } from '../../quantity/message'
import { defineCheck } from '../define-check'
import type { Complaint } from '../../vehicle/complaint'
import { analyseRefill } from './analysis'
import { isAirOut, proofOf } from './proof'
import { refill } from './record'
import { refillSigns } from './signs'

/** What is lost is not back in an hour: of a loss a refill says nothing, of heat it says much; where nobody complained nothing can be gone. */
const speaksOf = (complaint: Complaint): boolean =>
  complaint === 'overheats' || complaint === 'no-heat'

export const refillCheck = defineCheck({
  id: 'refill',
  records: { 'refill.fill': refill },
  phase: 'hot',
  minutes: 30,
  sides: ['flow'],
  signs: ({ complaint }) => (speaksOf(complaint) ? ['cured-by-refill'] : []),
  cautions: ['glycol'],
  shows: ['bled', 'complaint-gone', 'level-full-air-out'],
  judge: {
    'refill.fill': (record, context, { source, observedAt }) => {
      const figures = analyseRefill(record, context)
      const facts: string[] = []
      const airOut = isAirOut(record)
      const proof = proofOf(record)
      if (airOut) facts.push('bled', 'level-full-air-out')
      if (record.complaintAfter === 'gone') facts.push('complaint-gone')
      // What was mended before the refill may have ended the complaint: that it is gone says nothing of air then.
      const isCuredByWork = record.complaintAfter === 'gone' && context.epochOf(observedAt) > 0
      const thin = figures.fractionAfter !== undefined && figures.fractionAfter < 0.4
      return {
        figures,
        facts,
        signs: speaksOf(context.complaint) && !isCuredByWork ? refillSigns(source, record) : [],
        states: [airOut ? 'air-out' : 'air-not-shown-out'],
        notes: [
          ...(thin
            ? [message('refill.thin', { percent: Math.round(figures.fractionAfter! * 100) })]
            : []),
          ...(proof === 'failed' ? [message('refill.proof.failed')] : []),
          ...(proof === 'open' ? [message(`refill.proof.${record.method}`)] : []),
        ],
      }
    },
  },
})
