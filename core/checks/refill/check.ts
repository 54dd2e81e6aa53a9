import { message } from '../../quantity/message'
import { defineCheck } from '../define-check'
import { analyseRefill } from './analysis'
import { refill } from './record'

export const refillCheck = defineCheck({
  id: 'refill',
  records: { 'refill.fill': refill },
  phase: 'hot',
  minutes: 30,
  cautions: ['glycol'],
  judge: {
    'refill.fill': (record, context) => {
      const figures = analyseRefill(record, context)
      const facts: string[] = []
      if (record.airOut === 'shown') facts.push('bled', 'level-full-air-out')
      if (record.complaintAfter === 'gone') facts.push('complaint-gone')
      const thin = figures.fractionAfterFlush !== undefined && figures.fractionAfterFlush < 0.4
      return {
        figures,
        facts,
        states: [record.airOut === 'shown' ? 'air-out' : 'air-not-shown-out'],
        notes: thin
          ? [message('refill.thin', { percent: Math.round(figures.fractionAfterFlush! * 100) })]
          : [],
      }
    },
  },
})
