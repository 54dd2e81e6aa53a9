import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseMix } from './analysis'
import { mixSigns } from './signs'
import { mixTest } from './record'

export const mixCheck = defineCheck({
  id: 'mix',
  records: { 'mix.test': mixTest },
  phase: 'cold',
  minutes: 3,
  sides: ['flow'],
  usualFor: ['overheats', 'no-heat'],
  signs: these('mix-off', 'mix-water'),
  cautions: ['glycol'],
  judge: {
    'mix.test': (test, context, { source }) => {
      const figures = analyseMix(test, context)
      const off = figures.volumeFraction - figures.wantedFraction
      const notes = figures.plan && !figures.plan.reachable ? [message('mix.notReachable')] : []
      if (context.capacityLitres === undefined) notes.push(message('mix.capacityUnknown'))
      return {
        figures,
        states: [off < -0.1 ? 'too-thin' : off > 0.1 ? 'too-strong' : 'right'],
        signs: mixSigns(source, test, figures),
        facts: ['coolant-tested'],
        notes,
      }
    },
  },
})
