import type { CheckWords } from './check-words'

export const levelFollowUp: CheckWords = {
  name: 'Level after a week',
  why: 'A week of patience.',
  states: {
    'at-mark': 'Level stands at the mark.',
    'a-little-lower': 'Level is a little lower.',
    lower: 'Level has fallen.',
  },
  panel: {
    'form.level-follow-up.daysAfter': 'Days after',
    'form.level-follow-up.level': 'Level now',
    'form.level-follow-up.level.at-mark': 'At the mark',
    'form.level-follow-up.level.a-little-lower': 'A little lower',
    'form.level-follow-up.level.lower': 'Lower',
  },
  sentences: {
    'says.followUp.at-mark': 'Level at the mark after {days, plural, one {# day} other {# days}}',
    'says.followUp.a-little-lower':
      'Level a little lower after {days, plural, one {# day} other {# days}}',
    'says.followUp.lower': 'Level lower after {days, plural, one {# day} other {# days}}',
  },
}
