import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseMix } from './analysis'
import { mixSigns, rightWithin } from './signs'
import { mixTest } from './record'

export const mixCheck = defineCheck({
  id: 'mix',
  records: { 'mix.test': mixTest },
  phase: 'cold',
  minutes: 3,
  sides: ['flow'],
  usualFor: ['overheats', 'no-heat', 'inspection'],
  signs: these('mix-off', 'mix-water'),
  cautions: ['glycol'],
  shows: ['mix-measured-off'],
  judge: {
    'mix.test': (test, context, { source }) => {
      const figures = analyseMix(test, context)
      const off = figures.volumeFraction - figures.wantedFraction
      const isRight = Math.abs(off) <= rightWithin(test.instrument)
      const notes = figures.plan && !figures.plan.reachable ? [message('mix.notReachable')] : []
      if (figures.plan && test.concentrateFraction === undefined)
        notes.push(message('mix.concentrateTakenAsPure'))
      if (context.capacityLitres === undefined) notes.push(message('mix.capacityUnknown'))
      return {
        figures,
        states: [isRight ? 'right' : off < 0 ? 'too-thin' : 'too-strong'],
        signs: mixSigns(source, test, figures),
        facts: isRight ? [] : ['mix-measured-off'],
        notes,
      }
    },
  },
})
