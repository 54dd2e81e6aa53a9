import type { CheckWords } from './check-words'

export const crankingRise: CheckWords = {
  name: 'Cranking rise',
  why: 'A gas path, before anything is warm.',
  states: {
    'no-run': 'No run counts yet.',
    'no-rise': 'No rise.',
    rise: 'Pressure rises with cranking.',
    doubtful: 'Doubtful: within one graduation of the gauge.',
  },
  panel: {
    'cranking-rise.cylinder-shares.shareOfEachCylinder': 'Share of each cylinder',
    'cranking-rise.cylinder-shares.itComesFromCylinder': 'It comes from cylinder {cylinder}',
    'cranking-rise.cylinder-shares.itComesFromCylinders':
      'It comes from {feeding} cylinders: {cylinder}',
    'cranking-rise.cylinder-shares.whichCylinderFeedsIt': 'Which cylinder feeds it',
    'cranking-rise.cylinder-shares.toKpaS': '{low} to {high} kPa/s',
    'cranking-rise.cylinder-shares.theRunsSoFarCannot':
      'The runs so far cannot tell all cylinders apart.',
    'cranking-rise.pressureWentAndNobodySaw':
      'Pressure went and nobody saw where. A cylinder may be full of coolant: cranking on it breaks the engine.',
    'cranking-rise.plugsOutRagOverThe':
      'Plugs out, rag over the bores, and the engine turned by hand two full turns, before any cranking.',
    'cranking-rise.plugsOutTurnedByHand': 'Plugs out, turned by hand: it turns freely',
    'cranking-rise.fourCylindersAssumedSayHow':
      'Four cylinders assumed: say how many in the system profile.',
    'cranking-rise.coldFullCappedByThe': 'Cold, full, capped by the transducer, vented to zero.',
    'cranking-rise.whichPlugsAreInFor': 'Which plugs are in for this run?',
    'cranking-rise.tapToTakeThePlug': 'Tap to take the plug out or put it in',
    'cranking-rise.tellsMostNext': 'Tells most next:',
    'cranking-rise.onlyPlugged':
      'only {next, plural, one {cylinder} other {cylinders}} {next2} plugged.',
    'cranking-rise.setThePlugsSo': 'Set the plugs so',
    'cranking-rise.crankedFor': 'Cranked for',
    'cranking-rise.before': 'Before',
    'cranking-rise.after': 'After',
    'cranking-rise.speed': 'Speed',
    'cranking-rise.fasterWithPlugsOut': 'Faster with plugs out',
    'cranking-rise.doesItStayWhenCranking': 'Does it stay when cranking stops?',
    'cranking-rise.stays': 'Stays',
    'cranking-rise.fallsBack': 'Falls back',
    'cranking-rise.notWatched': 'Not watched',
    'cranking-rise.keepTheRun': 'Keep the run',
    'cranking-rise.fromATraceFile': 'From a trace file',
    'cranking-rise.traceFileOfTheRun': 'Trace file of the run',
    'cranking-rise.plugIn': 'plug in',
    'cranking-rise.plugOut': 'plug out',
    'cranking-rise.readFromValuesLookAt':
      'Read from {name}: {values} values. Look at the figures, then keep the run.',
    'cranking-rise.firstPlugsOutAndThe':
      'First: plugs out and the engine turned by hand, two full turns. Then say so above.',
    'cranking-rise.withEveryPlugOutNothing':
      'With every plug out nothing presses: leave at least one in.',
    'cranking-rise.sayHowManySecondsIt': 'Say how many seconds it was cranked.',
    'cranking-rise.typeThePressureBeforeAnd': 'Type the pressure before and after.',
    'cranking-rise.thePressureFellWhileCranking':
      'The pressure fell while cranking: let it settle at zero, and crank again.',
    'cranking-rise.run-list.lookTakeBack': '{runs} {runs2}: look, take back',
    'cranking-rise.run-list.plugsIn': 'plugs in {plugged}',
    'cranking-rise.run-list.inS': '{rise} in {seconds} s',
    'cranking-rise.run-list.fellBackDoesNotCount': 'fell back: does not count',
    'cranking-rise.run-list.takeBack': 'Take back',
  },
  sentences: {
    'says.cranking.located': 'Runs with plugs out put it in cylinder {cylinder}',
    'note.cylindersAssumed': 'Number of cylinders taken as {cylinders}: not recorded.',
    'locate.cylinders': 'Which cylinders? Runs with plugs out name them before the head comes off.',
    'cranking.gasketOrCrack': 'whether gasket or crack',
    'cranking.pass.sealsCold': 'a breach that seals cold',
    'cranking.nextRun': 'The most telling next run: only cylinder {cylinders} plugged.',
    'cranking.notAdditive':
      'The runs do not add up: a breach between two cylinders, or a run that went wrong.',
    'says.cranking': 'Cranking raises the pressure by {rate}',
    'crankTrace.tooShort': 'The trace is too short: {least} values or more are needed.',
    'crankTrace.backward': 'The times of the trace run backward or stand still.',
    'crankTrace.gap':
      'The trace has a gap from {from} s to {to} s: what happened there is not known. Record it again.',
  },
}
