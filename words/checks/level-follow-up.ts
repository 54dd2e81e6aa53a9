import type { CheckWords } from './check-words'

export const levelFollowUp: CheckWords = {
  name: 'Level after a week',
  why: 'A week of patience.',
  sentences: {
    'says.followUp.at-mark': 'Level at the mark after {days, plural, one {# day} other {# days}}',
    'says.followUp.a-little-lower':
      'Level a little lower after {days, plural, one {# day} other {# days}}',
    'says.followUp.lower': 'Level lower after {days, plural, one {# day} other {# days}}',
  },
}
