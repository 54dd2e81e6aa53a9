import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseMix } from './analysis'
import { mixSigns } from './signs'

export const mixCheck = perRecord('mix', 'mix.test', (test, context, source) => {
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
    cautions: [message('caution.glycol')],
  }
})
