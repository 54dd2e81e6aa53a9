import { message } from '../../message'
import { correctedSi } from '../../quantity/record'
import { perRecord } from '../outcome'
import { analyseHeater } from './analysis'
import { heaterSigns } from './signs'

export const heaterCheck = perRecord('heater', 'heater.test', (record, context, source) => {
  const figures = analyseHeater(record)
  const facts: string[] = []
  if (correctedSi(record.inlet) > 65 && figures.dropK < 25) facts.push('heater-hoses-measured')
  if (record.engine && correctedSi(record.engine) >= 75) facts.push('engine-hot')
  if (record.level === 'full') facts.push('level-full')
  if (record.direction !== 'not-known') facts.push('direction-known')
  if (record.direction === 'exchanged') facts.push('flow-reversed')
  const notes = record.engine ? [] : [message('heater.engineNotMeasured')]
  if (context.profile.heavyDiesel === true && figures.state === 'engine-cool')
    notes.push(message('heater.dieselIdles'))
  return {
    figures,
    states: [figures.state],
    facts,
    notes,
    signs: heaterSigns(source, record, figures),
    doesNotProve: [message('heater.pass.idleOnly')],
    cautions: [message('caution.hotSurfaces')],
  }
})
