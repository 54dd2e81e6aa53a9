import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseMix } from './analysis'
import { conditionNotes, conditionSigns, conditionStates } from './condition'
import { mixSigns, rightWithin } from './signs'
import { coolantCondition, mixTest } from './record'

export const mixCheck = defineCheck({
  id: 'mix',
  records: { 'mix.test': mixTest, 'mix.condition': coolantCondition },
  phase: 'cold',
  minutes: 3,
  sides: ['flow'],
  usualFor: ['overheats', 'no-heat', 'inspection'],
  signs: these('mix-off', 'mix-water'),
  readsBeside: ['coolant-other', 'inhibitor-spent', 'stray-voltage'],
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
    'mix.condition': (record, _, { source }) => ({
      states: conditionStates(record),
      signs: conditionSigns(source, record),
      notes: conditionNotes(record),
    }),
  },
})
