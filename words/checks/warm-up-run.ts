import type { CheckWords } from './check-words'

export const warmUpRun: CheckWords = {
  name: 'Warm-up run',
  why: 'Opening, plateau and sensors in one.',
  sentences: {
    'warmUp.boiled':
      'It boiled: stop there. Press the cap and the system cold, and look for gas, before it runs again.',
    'warmUp.acOn':
      'Air conditioning was on: the fan ran for it, and says nothing about temperature control.',
    'warmUp.gap': 'The log has a gap from {from} to {to} s; nothing is made up for it.',
    'warmUp.pass.opensLate':
      'that it opens in time: the run’s comparison with the rating is wide; the bath decides',
    'warmUp.ratingUnknown':
      'The thermostat’s rating is not recorded: the opening is shown and not judged.',
    'warmUp.sideUnknown': 'Side of the thermostat not known: the comparison is wider for it.',
    'says.neverOpened': 'Radiator side stayed cold up to {temperature}',
    'says.openFromStart': 'Radiator side warm from the start',
    'says.opened': 'Opened at {temperature}; rated {rating}',
    'says.plateau': 'Settles at {temperature}',
    'says.overshoot': 'Overshoots by {difference}',
    'says.wanders': 'Wanders by {difference}',
    'says.dashAgainstScan': 'Dash {difference} from scan',
    'says.fanOnAt': 'Fan starts at {temperature}',
  },
}
