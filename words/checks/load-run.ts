import type { CheckWords } from './check-words'

export const loadRun: CheckWords = {
  name: 'Load run',
  why: 'The complaint, measured.',
  sentences: {
    'note.ratingAssumed': 'Thermostat taken as {rating}: its rating is not recorded.',
    'loadRun.acOffIsNotSolved':
      'Cools with air conditioning off: capacity is marginal or a fan is weak. Never “solved”.',
    'loadRun.pass.pattern': 'a pattern that this road did not have',
    'says.run.hot-at-idle': 'Standing and in town {difference} above the rating',
    'says.run.hot-at-load': 'Cruising and climbing {difference} above the rating',
    'says.run.cruise': 'Cruises at {temperature}',
    'says.acOff.yes': 'Cools with air conditioning off',
    'says.acOff.no': 'Air conditioning off does not cool it',
    'says.acSegments.hotter': 'Hotter on the same road with air conditioning on',
    'says.acSegments.alike': 'No hotter on the same road with air conditioning on',
    'says.heaterOn.yes': 'Heater on brings it down: hot coolant reaches the heater',
    'says.heaterOn.no': 'Heater on does not bring it down',
    'says.loadBeyond': 'Load beyond the rating',
    'says.loadWithin': 'Load within the rating',
    'says.marginThin': 'Boiling margin thin on the run',
  },
}
