import { knownValue } from '../../vehicle/profile'
import { message } from '../../quantity/message'
import { toCore } from '../../quantity/units'
import { defineCheck, these } from '../define-check'
import { analyseBath } from './analysis'
import { bathSigns } from './signs'
import { thermostatBath } from './record'

/** Heated faster than this, the valve lags behind the bath. */
const FAST_K_PER_MINUTE = 2

export const thermostatBathCheck = defineCheck({
  id: 'thermostat-bath',
  records: { 'thermostat-bath.test': thermostatBath },
  phase: 'bench',
  minutes: 20,
  apartMinutes: 40,
  sides: ['flow'],
  opens: { 'bleed-first': 3 },
  signs: these('bath-late', 'bath-early', 'bath-lift-low', 'rating-wrong', 'thermostat-missing'),
  cautions: ['scaldPinch'],
  doesNotProve: ['bath.pass.housing'],
  shows: [
    'thermostat-bath-late',
    'thermostat-open-bath',
    'thermostat-out',
    'thermostat-rating-wrong',
    'thermostat-shut-bath',
  ],
  judge: {
    'thermostat-bath.test': (record, context, { source }) => {
      const figures = analyseBath(record, context)
      const facts: string[] = []
      if (figures.states.includes('stuck-shut')) facts.push('thermostat-shut-bath')
      if (figures.states.includes('stuck-open') || figures.states.includes('missing'))
        facts.push('thermostat-open-bath')
      if (figures.states.includes('opens-late') || figures.states.includes('low-lift'))
        facts.push('thermostat-bath-late')
      if (figures.states.includes('wrong-rating')) facts.push('thermostat-rating-wrong')
      if (figures.states.includes('missing')) facts.push('thermostat-out')
      const notes = figures.fullOpeningReachable
        ? []
        : [
            message('bath.fullOpeningNotJudged', {
              highest: { kind: 'temperature', coreValue: figures.highestBathC },
            }),
          ]
      if ((record.heatingKPerMinute ?? 0) > FAST_K_PER_MINUTE)
        notes.push(
          message('bath.heatedFast', {
            rate: { kind: 'temperatureRate', coreValue: FAST_K_PER_MINUTE },
          }),
        )
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
                coreValue: toCore('temperature', rating, '°C'),
              },
            }
      return {
        figures,
        states: figures.states,
        facts,
        notes,
        signs: bathSigns(source, withRating, figures),
      }
    },
  },
})
