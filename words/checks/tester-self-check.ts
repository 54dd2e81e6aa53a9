import type { CheckWords } from './check-words'

export const testerSelfCheck: CheckWords = {
  name: 'Tester on itself',
  why: 'A hold is only as good as the tester.',
  states: {
    'too-short': 'Too short to tell.',
    sound: 'Sound.',
    'leaks-a-little': 'Leaks a little: taken off every hold.',
    unfit: 'Unfit: repair it before a hold.',
  },
  panel: {
    'tester-self-check.closeTheTesterOnItself':
      'Close the tester on itself, pump it up, wait. Below its own rating; release before you open it.',
    'tester-self-check.byItselfItFallsIn':
      'By itself it falls {ownFallKPaPerMinute} in its own small volume. That is {flowMLPerMinute} (up to {high}), or about {inVehicleKPaPerMinute} in an ordinary vehicle.',
    'tester-self-check.thisDoesNotClear': 'This does not clear:',
    'tester-self-check.correctIt': 'Correct it',
    'tester-self-check.takeItBack': 'Take it back',
    'tester-self-check.pumpedTo': 'Pumped to',
    'tester-self-check.thenShows': 'Then shows',
    'tester-self-check.after': 'After',
    'tester-self-check.tester': 'Tester',
    'tester-self-check.smallestStepOfTheGauge': 'Smallest graduation of the gauge',
    'tester-self-check.volumeOfHoseAndGauge': 'Volume of hose and gauge',
    'tester-self-check.ifKnownElse20To': 'If known; else {low} to {high} is taken',
    'tester-self-check.pumpedUpAndShut': 'Pumped up and shut',
    'tester-self-check.keepTheSelfCheck': 'Keep the self-check',
    'tester-self-check.leaveAsItWas': 'Leave as it was',
    'tester-self-check.bothPressuresTheTimeAnd':
      'Both pressures, the time and the gauge’s smallest graduation are needed.',
    'tester-self-check.thePressureCannotRiseWhile':
      'The pressure cannot rise while the tester is closed on itself; read it again.',
    'tester-self-check.report.tester': 'Tester',
    'tester-self-check.report.testerOnItself':
      'Tester on itself: {state, select, sound {sound} unfit {unfit} other {leaks a little}}, {flowMLPerMinute}.',
  },
  sentences: {
    'selfCheck.tooShort':
      'This gauge shows a tester that leaks too much only after {minutes, plural, one {# minute} other {# minutes}}: leave it closed that long.',
    'selfCheck.pass.adapterJoint': 'the joint between adapter and neck: soap it during the hold',
  },
}
