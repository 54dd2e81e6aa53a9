import type { CheckWords } from './check-words'

export const radiatorSurvey: CheckWords = {
  name: 'Radiator survey',
  why: 'Where the face is cold.',
  states: {
    free: 'Radiator takes heat out all over.',
    patches: 'Parts of the core are cold: blocked.',
    'air-side': 'Hardly any drop: the air side.',
    'little-flow': 'A large drop: little flow.',
    'cold-all-over': 'Radiator cold on a hot engine.',
    'not-judged': 'Not judged.',
  },
  panel: {
    'radiator-survey.face': 'The face of the core, rows from the top',
    'form.radiator-survey.figure.dropK': 'Inlet to outlet',
    'form.radiator-survey.figure.coldShare': 'Cold part of the face',
    'form.radiator-survey.inlet': 'Inlet',
    'form.radiator-survey.outlet': 'Outlet',
    'form.radiator-survey.gridC': 'Face of the core, a line for each row from the top',
    'form.radiator-survey.thermostatOpen': 'Thermostat open',
    'form.radiator-survey.pumpDelivers': 'Pump delivers',
    'form.radiator-survey.fan': 'Fan',
    'form.radiator-survey.engine': 'Engine',
  },
  sentences: {
    'survey.thermostatNotShown': 'Thermostat not shown open: a cold radiator may be right.',
    'survey.fanOn': 'Fan on: the face is cooled, and patches blur.',
    'survey.pass.innerRows': 'inner rows behind the outer tubes',
    'says.radiatorDrop': 'Radiator drops {drop}',
    'says.radiatorBelowEngine':
      'Radiator inlet {way, select, at {as hot as} above {{difference} above} other {{difference} below}} the engine',
    'says.coldPatches': '{percent} % of the radiator face is cold',
  },
}
