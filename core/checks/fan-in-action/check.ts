import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { analyseFanAction } from './analysis'
import { fanActionSigns } from './signs'
import { fanInAction } from './record'

export const fanInActionCheck = defineCheck({
  id: 'fan-in-action',
  records: { 'fan-in-action.watch': fanInAction },
  phase: 'hot',
  minutes: 8,
  needs: { fan: ['electric-relay', 'electric-module', 'thermo-switch'] },
  sides: ['air'],
  signs: these('fan-late', 'fan-no-effect', 'fan-always', 'fan-ac-dead'),
  cautions: ['fansStart'],
  doesNotProve: ['fan.pass.acOnly'],
  shows: ['fan-always-shown', 'fan-works', 'switching-place-hot'],
  judge: {
    'fan-in-action.watch': (record, context, { source }) => {
      const figures = analyseFanAction(record, context.profile)
      const facts: string[] = []
      if (figures.placeHot > 0.8 && record.switchingPlace) facts.push('switching-place-hot')
      if (figures.state === 'works' && record.which !== 'second') facts.push('fan-works')
      if (figures.state === 'always-on' && record.airConditioning === 'off')
        facts.push('fan-always-shown')
      const notes = figures.state === 'not-called-for' ? [message('fan.notCalledFor')] : []
      const { fan } = context.profile
      if (fan === 'viscous-clutch' || fan === 'engine-driven')
        notes.push(message('note.circuitOnViscousFan'))
      return {
        figures,
        states: [figures.state],
        facts,
        notes,
        signs: fanActionSigns(source, record, figures),
      }
    },
  },
})
