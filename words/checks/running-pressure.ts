import type { CheckWords } from './check-words'

export const runningPressure: CheckWords = {
  name: 'Pressure while warming',
  why: 'Gas presses before warmth does.',
  states: {
    'begun-warm': 'Begun warm: what it rose by from cold is not known.',
    normal: 'Pressure follows the temperature.',
    'rises-before-warm': 'Pressure rises before it is warm.',
    'never-rises': 'Pressure never rises.',
    'not-hot-enough': 'Not hot enough to judge.',
  },
  panel: {
    'form.running-pressure.figure.early.gainedKPa': 'Gained before it is warm',
    'form.running-pressure.figure.highestKPa': 'Highest',
    'form.running-pressure.points': 'Pressure while it warms',
    'form.running-pressure.points.seconds': 'After',
    'form.running-pressure.points.coolantC': 'Coolant',
    'form.running-pressure.points.pressureKPaGauge': 'Pressure',
    'form.running-pressure.adapterReliefAtOrBelowCap': 'Adapter’s relief at or below the cap',
    'form.running-pressure.level': 'Level before',
    'form.running-pressure.level.at-mark': 'At the mark',
    'form.running-pressure.level.overfull': 'Overfull',
    'form.running-pressure.level.low': 'Low',
  },
  sentences: {
    'runningPressure.begunWarm':
      'It was begun warm: begin from cold to see what presses before it is hot.',
    'runningPressure.notHot': 'Not hot enough to say that pressure never rises.',
    'runningPressure.pass.pump': 'anything about the pump',
    'says.highestPressure': 'Highest running pressure {pressure}',
  },
}
