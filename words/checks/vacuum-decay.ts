import type { CheckWords } from './check-words'

export const vacuumDecay: CheckWords = {
  name: 'Vacuum decay',
  why: 'Suction opens what pressure shuts.',
  states: {
    rises: 'The vacuum deepened by itself.',
    holds: 'Vacuum holds.',
    falls: 'Vacuum is lost.',
  },
  panel: {
    'vacuum-decay.coldAndEmptiedBeforeA':
      'Cold and emptied, before a refill: suction opens what pressure shuts.',
    'vacuum-decay.lost': 'Lost',
    'vacuum-decay.perMinute': 'Per minute',
    'vacuum-decay.vacuumDrawn': 'Vacuum drawn',
    'vacuum-decay.belowZeroLike80': 'Below zero, like −80',
    'vacuum-decay.atTheEnd': 'At the end',
    'vacuum-decay.stoodFor': 'Stood for',
    'vacuum-decay.drawnAndShut': 'Drawn and shut',
    'vacuum-decay.keepTheVacuumTest': 'Keep the vacuum test',
    'vacuum-decay.takeItBack': 'Take it back',
    'vacuum-decay.aVacuumLiesBelowZero':
      'A vacuum lies below zero on the gauge: type it with a minus, like −80.',
    'vacuum-decay.typeWhatTheGaugeShows': 'Type what the gauge shows at the end.',
    'vacuum-decay.itCannotHoldMoreVacuum':
      'It cannot hold more vacuum than was drawn: look at the two figures again.',
    'vacuum-decay.sayHowManyMinutesIt': 'Say how many minutes it stood.',
  },
  sentences: {
    'vacuum.rises':
      'A vacuum does not deepen by itself: the engine cooled under it, or a figure is exchanged.',
    'vacuum.pass.pressureLeaks': 'leaks that open under pressure',
    'says.vacuumFalls': 'Vacuum falls {rate}',
  },
}
