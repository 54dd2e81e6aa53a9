import { knownValue } from '../../casefile/profile'
import { message } from '../../message'
import { toCore } from '../../quantity/units'
import { perRecord } from '../outcome'
import { analyseBath } from './analysis'
import { bathSigns } from './signs'

export const thermostatBathCheck = perRecord(
  'thermostat-bath',
  'thermostat-bath.test',
  (record, context, source) => {
    const figures = analyseBath(record, context)
    const facts: string[] = []
    if (!figures.states.includes('not-judged')) facts.push('thermostat-bench-or-run')
    if (figures.states.includes('opens-late') || figures.states.includes('low-lift'))
      facts.push('thermostat-bath-late')
    if (figures.states.includes('wrong-rating')) facts.push('thermostat-rating-wrong')
    if (figures.states.includes('missing')) facts.push('thermostat-out')
    const notes = figures.fullOpeningReachable
      ? []
      : [
          message('bath.fullOpeningNotJudged', {
            highest: { kind: 'temperature', si: figures.highestBathC },
          }),
        ]
    if ((record.heatingKPerMinute ?? 0) > 2) notes.push(message('bath.heatedFast'))
    if (record.probe === 'infrared') notes.push(message('bath.infrared'))
    const rating = knownValue(context.profile.thermostatRatingC)
    const withRating =
      record.specified || rating === undefined
        ? record
        : {
            ...record,
            specified: {
              typed: '',
              value: rating,
              unit: '°C' as const,
              si: toCore('temperature', rating, '°C'),
            },
          }
    return {
      figures,
      states: figures.states,
      facts,
      notes,
      signs: bathSigns(source, withRating, figures),
      doesNotProve: [message('bath.pass.housing')],
      cautions: [message('caution.scaldPinch')],
    }
  },
)
