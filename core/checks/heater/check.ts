import { message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { defineCheck, these } from '../define-check'
import { analyseHeater } from './analysis'
import { heaterSigns } from './signs'
import { heaterTest } from './record'

export const heaterCheck = defineCheck({
  id: 'heater',
  records: { 'heater.test': heaterTest },
  phase: 'hot',
  minutes: 6,
  sides: ['flow', 'reading'],
  opens: { 'bleed-first': 2 },
  signs: these(
    'heater-inlet-cool',
    'heater-drop',
    'vent-cold',
    'one-side-cold',
    'flow-reversed',
    'air-weak',
  ),
  cautions: ['hotSurfaces'],
  doesNotProve: ['heater.pass.idleOnly'],
  shows: [
    'engine-hot',
    'flow-reversed',
    'heater-air-weak',
    'heater-flow-poor',
    'heater-hoses-measured',
    'level-full',
    'vent-cold-hoses-hot',
  ],
  judge: {
    'heater.test': (record, context, { source }) => {
      const figures = analyseHeater(record)
      const facts: string[] = []
      if (correctedValue(record.inlet) > 65 && figures.dropK < 25)
        facts.push('heater-hoses-measured')
      if (record.engine && correctedValue(record.engine) >= 75) facts.push('engine-hot')
      if (record.level === 'full') facts.push('level-full')
      if (record.direction !== 'not-known') facts.push('direction-known')
      if (record.direction === 'exchanged') facts.push('flow-reversed')
      if (figures.state === 'core-or-valve' || figures.state === 'no-flow')
        facts.push('heater-flow-poor')
      if (figures.state === 'air-side' && record.air !== 'weak') facts.push('vent-cold-hoses-hot')
      if (record.air === 'weak') facts.push('heater-air-weak')
      const notes = record.engine ? [] : [message('heater.engineNotMeasured')]
      if (figures.atIdle) notes.push(message('heater.atIdle'))
      if (context.profile.heavyDiesel === true && figures.state === 'engine-cool')
        notes.push(message('heater.dieselIdles'))
      return {
        figures,
        states: [figures.state],
        facts,
        notes,
        signs: heaterSigns(source, record, figures),
      }
    },
  },
})
