import { message } from '../../message'
import { perRecord } from '../outcome'
import { boundsAround } from '../spread'
import { analyseSurvey } from './analysis'
import { COLD_SHARE_ERROR, surveySigns } from './signs'

export const radiatorSurveyCheck = perRecord(
  'radiator-survey',
  'radiator-survey.grid',
  (record, _, source) => {
    const figures = analyseSurvey(record)
    const facts =
      figures.state === 'patches' && record.thermostatOpen === 'shown' ? ['radiator-patches'] : []
    if (record.thermostatOpen === 'shown') facts.push('thermostat-opened')
    if (record.pumpDelivers === 'shown') facts.push('pump-delivers')
    const notes = record.thermostatOpen === 'shown' ? [] : [message('survey.thermostatNotShown')]
    if (record.fan === 'on') notes.push(message('survey.fanOn'))
    const intervals =
      figures.coldShare === undefined
        ? undefined
        : { coldShare: boundsAround(figures.coldShare, COLD_SHARE_ERROR) }
    return {
      figures,
      ...(intervals && { intervals }),
      states: [figures.state],
      facts,
      notes,
      signs: surveySigns(source, record, figures),
      doesNotProve: [message('survey.pass.innerRows')],
      cautions: [message('caution.hotSurfaces'), message('caution.fansStart')],
    }
  },
)
