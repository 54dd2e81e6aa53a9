import type { CheckWords } from './check-words'

export const sensorAgreement: CheckWords = {
  name: 'Sensors against each other',
  why: 'A second thermometer.',
  sentences: {
    'note.bareMetal':
      'Infrared on bare metal reads far too low: paint or tape a spot, hold close and square.',
    'dash.pass.flatBand': 'where in its flat band a needle in the middle really is',
    'says.dashOdd': 'Dash disagrees with scan and second source',
    'says.dashFits': 'Dash fits scan and second source',
  },
}
