import { message } from '../../quantity/message'
import { defineCheck, these } from '../define-check'
import { intervalAround } from '../../quantity/interval'
import { analyseSurvey } from './analysis'
import { COLD_SHARE_ERROR, surveySigns } from './signs'
import { radiatorSurvey } from './record'

export const radiatorSurveyCheck = defineCheck({
  id: 'radiator-survey',
  records: { 'radiator-survey.grid': radiatorSurvey },
  phase: 'hot',
  minutes: 10,
  sides: ['flow', 'air'],
  signs: these('radiator-cold', 'radiator-patches', 'radiator-hot-through', 'radiator-drop-large'),
  cautions: ['hotSurfaces', 'fansStart'],
  doesNotProve: ['survey.pass.innerRows'],
  shows: ['pump-delivers', 'radiator-patches', 'thermostat-opened'],
  judge: {
    'radiator-survey.grid': (record, _, { source }) => {
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
          : { coldShare: intervalAround(figures.coldShare, COLD_SHARE_ERROR) }
      return {
        figures,
        ...(intervals && { intervals }),
        states: [figures.state],
        facts,
        notes,
        signs: surveySigns(source, record, figures),
      }
    },
  },
})
