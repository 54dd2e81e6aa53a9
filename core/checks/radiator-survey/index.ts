import { message } from '../../message'
import { perRecord } from '../outcome'
import { analyseSurvey } from './analysis'
import { surveySigns } from './signs'

export const radiatorSurveyCheck = perRecord('radiator-survey', 'radiator-survey.grid', (record, _, source) => {
  const figures = analyseSurvey(record)
  const facts = figures.state === 'patches' && record.thermostatOpen === 'shown' ? ['radiator-patches'] : []
  if (record.thermostatOpen === 'shown') facts.push('thermostat-opened')
  if (record.pumpDelivers === 'shown') facts.push('pump-delivers')
  const notes = record.thermostatOpen === 'shown' ? [] : [message('survey.thermostatNotShown')]
  if (record.fan === 'on') notes.push(message('survey.fanOn'))
  return { figures, states: [figures.state], facts, notes, signs: surveySigns(source, record, figures), doesNotProve: [message('survey.pass.innerRows')], cautions: [message('caution.hotSurfaces'), message('caution.fansStart')] }
})
