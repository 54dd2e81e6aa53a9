import type { CheckWords } from './check-words'

export const thermostatBath: CheckWords = {
  name: 'Thermostat in the bath',
  why: 'The run alone condemns no thermostat.',
  sentences: {
    'bath.fullOpeningNotJudged':
      'Full opening not judged: this bath boils at {highest}. Use a glycol bath.',
    'bath.heatedFast':
      'Heated faster than {rate}: it reads late, and is corrected for it with a wider band.',
    'bath.infrared': 'An infrared gun on water is poor: probe in the liquid.',
    'bath.pass.housing': 'the housing and how it sits in it',
    'says.bath.openCold': 'Thermostat stands open, cold',
    'says.bath.never': 'Thermostat never opened in the bath',
    'says.bath.opens': 'Thermostat opens at {at} in the bath; rated {rating}',
    'says.bath.lift': 'Thermostat lifts {lift}',
    'says.thermostatMissing': 'No thermostat in the housing',
    'says.thermostatThere': 'A thermostat is there',
    'says.ratingWrong': 'Thermostat of another rating',
    'says.ratingRight': 'Thermostat of the right rating',
  },
}
