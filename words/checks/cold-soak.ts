import type { CheckWords } from './check-words'

export const coldSoak: CheckWords = {
  name: 'Sensors, cold',
  why: 'The sensor against the morning air.',
  states: {
    agrees: 'The sensor agrees.',
    biased: 'The sensor is off.',
    'not-soaked': 'Not stood long enough to judge.',
    'nothing-to-compare': 'Nothing to compare with yet.',
  },
  sentences: {
    'coldSoak.pass.hot': 'a sensor that fails only hot',
    'coldSoak.shortSoak':
      'Stood for less than {hours, plural, one {# hour} other {# hours}}: the block is still warm, and this counts little.',
    'says.coldSoak':
      'Coolant sensor {bias} off the air after {hours, plural, one {# hour} other {# hours}}',
    'says.wiring.steady': 'Reading steady while the wiring is moved',
    'says.wiring.jumps': 'Reading jumps when the wiring is moved',
  },
}
