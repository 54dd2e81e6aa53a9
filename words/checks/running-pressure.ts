import type { CheckWords } from './check-words'

export const runningPressure: CheckWords = {
  name: 'Pressure while warming',
  why: 'Gas presses before warmth does.',
  sentences: {
    'runningPressure.notHot': 'Not hot enough to say that pressure never rises.',
    'runningPressure.pass.pump': 'anything about the pump',
    'says.highestPressure': 'Highest running pressure {pressure}',
  },
}
