import type { CheckWords } from './check-words'

export const sensorAgreement: CheckWords = {
  name: 'Sensors against each other',
  why: 'A second thermometer.',
  states: {
    agree: 'The sensor reads true.',
    disagree: 'The sensor does not read true.',
    doubtful: 'Sensor and second source differ a little.',
    'unit-slip': 'One of the two was read in another unit.',
  },
  panel: {
    'form.sensor-agreement.scan': 'Scan tool says',
    'form.sensor-agreement.second': 'Second source says',
    'form.sensor-agreement.secondKind': 'Second source',
    'form.sensor-agreement.secondKind.infrared': 'Infrared gun',
    'form.sensor-agreement.secondKind.contact-probe': 'Contact probe',
    'form.sensor-agreement.secondKind.gauge-port': 'Gauge in a port',
    'form.sensor-agreement.surface': 'Surface it was read on',
    'form.sensor-agreement.surface.painted-or-taped': 'Painted or taped',
    'form.sensor-agreement.surface.bare-metal': 'Bare metal',
    'form.sensor-agreement.surface.hose': 'Hose',
    'form.sensor-agreement.dash': 'Dash gauge stands',
    'form.sensor-agreement.dash.low': 'Low',
    'form.sensor-agreement.dash.middle': 'In the middle',
    'form.sensor-agreement.dash.high': 'High',
    'form.sensor-agreement.dash.red': 'In the red',
    'form.sensor-agreement.engineHot': 'Engine hot by hand and hose',
    'form.sensor-agreement.level': 'Coolant level',
  },
  sentences: {
    'note.bareMetal':
      'Infrared on bare metal reads far too low: paint or tape a spot, hold close and square.',
    'dash.pass.flatBand': 'where in its flat band a needle in the middle really is',
    'says.dashOdd': 'Dash disagrees with scan and second source',
    'says.reachesRating': 'The engine came to the rating of its thermostat',
    'says.dashFits': 'Dash fits scan and second source',
  },
}
