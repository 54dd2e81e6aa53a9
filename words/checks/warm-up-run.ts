import type { CheckWords } from './check-words'

export const warmUpRun: CheckWords = {
  name: 'Warm-up run',
  why: 'Opening, plateau and sensors in one.',
  states: {
    opened: 'Thermostat opened.',
    'never-opened': 'Thermostat never opened.',
    'open-from-start': 'Radiator side warm from the start: it stands open.',
    'plateau-low': 'Settles below its rating.',
    overshoot: 'Overshoots.',
    boiled: 'It boiled.',
  },
  panel: {
    'warm-up-run.begin': 'Begin the run',
    'warm-up-run.readAt': 'Read at',
    'warm-up-run.itShows': 'It shows',
    'warm-up-run.keepReading': 'Keep the reading',
    'warm-up-run.happened': 'What happened',
    'warm-up-run.opensHere': 'opens',
    'warm-up-run.stopHere': 'stop',
    'warm-up-run.stopNow':
      'Stop the engine now: {limit} is reached. Let it cool closed, and do not open it.',
    'warm-up-run.minutesToGo':
      '{minutes, plural, one {about a minute} other {about # minutes}} to where it should open, at this rate',
    'warm-up-run.nothingYet': 'Nothing to judge yet: read on.',
    'warm-up-run.takeLog': 'Take in a log (CSV)',
    'warm-up-run.another': 'Another run',
    'warm-up-run.logTooLarge': 'This file is larger than {most} MB: cut out the one run.',
    'warm-up-run.logHasNoTime':
      'No column of this file looks like time: name one “time” or “seconds”.',
    'warm-up-run.logHasNoChannel':
      'No column of this file looks like a temperature of the engine: name one “coolant”.',
    'warm-up-run.channel.scan-coolant': 'Scan tool',
    'warm-up-run.channel.engine-side-hose': 'Hose, engine side',
    'warm-up-run.channel.radiator-side-hose': 'Hose, radiator side',
    'warm-up-run.channel.upper-hose': 'Upper hose',
    'warm-up-run.channel.lower-hose': 'Lower hose',
    'warm-up-run.channel.infrared-engine': 'Infrared, engine',
    'warm-up-run.channel.infrared-radiator': 'Infrared, radiator',
    'warm-up-run.channel.dash': 'Dash',
    'warm-up-run.channel.ambient': 'Outside',
    'warm-up-run.mark.opened': 'It opened',
    'warm-up-run.mark.fan-on': 'Fan on',
    'warm-up-run.mark.fan-off': 'Fan off',
    'warm-up-run.mark.boiling': 'It boils',
    'warm-up-run.mark.stopped': 'Engine stopped',
    'form.warm-up-run.ambient': 'Outside',
    'form.warm-up-run.airConditioning': 'Air conditioning',
    'form.warm-up-run.airConditioning.not-fitted': 'Not fitted',
    'form.warm-up-run.fanWatched': 'Fan is watched',
    'form.warm-up-run.level': 'Coolant level',
    'form.warm-up-run.surface': 'Surface for the infrared gun',
    'form.warm-up-run.surface.painted-or-taped': 'Painted or taped',
    'form.warm-up-run.surface.bare-metal': 'Bare metal',
    'form.warm-up-run.figure.opening.engineC': 'Engine when it opened',
    'form.warm-up-run.figure.plateauC': 'Settles at',
    'form.warm-up-run.figure.warmUpKPerMinute': 'Warms by',
    'form.warm-up-run.figure.fan.onC': 'Fan starts at',
    'form.warm-up-run.figure.hottestC': 'Hottest',
    'form.warm-up-run.figure.leastMarginK': 'Least margin to boiling',
  },
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
    'warmUp.sideUnknown':
      'Side of the thermostat not known: the opening is shown and not judged. Read upper and lower hose, or record its side.',
    'warmUp.sideTaught':
      'The hoses of this run show the thermostat at the engine’s {side, select, inlet {inlet} other {outlet}}: record it with the vehicle.',
    'warmUp.spotNotSaid':
      'The infrared gun’s surface is not said or bare metal: it does not confirm the engine’s temperature.',
    'says.openedAt': 'Opened at {temperature}',
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
