import type { CheckWords } from './check-words'

export const radiatorSurvey: CheckWords = {
  name: 'Radiator survey',
  why: 'Where the face is cold.',
  sentences: {
    'survey.thermostatNotShown': 'Thermostat not shown open: a cold radiator may be right.',
    'survey.fanOn': 'Fan on: the face is cooled, and patches blur.',
    'survey.pass.innerRows': 'inner rows behind the outer tubes',
    'says.radiatorDrop': 'Radiator drops {drop}',
    'says.radiatorBelowEngine': 'Radiator inlet {difference} below the engine',
    'says.coldPatches': '{percent} % of the radiator face is cold',
  },
}
