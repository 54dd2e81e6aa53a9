import type { CheckWords } from './check-words'

export const pressureHold: CheckWords = {
  name: 'Pressure hold',
  why: 'Tight, or how fast.',
  states: {
    'no-reading': 'No reading yet.',
    settling: 'Settling.',
    undecided: 'Undecided.',
    tight: 'Tight.',
    slow: 'Falls slowly.',
    seep: 'Seep.',
    leak: 'Leak.',
    gross: 'Gross leak.',
  },
  panel: {
    'pressure-hold.hold-chart.settling': 'settling',
    'pressure-hold.hold-chart.wouldBeTight': 'would be tight',
    'pressure-hold.hold-chart.thisFallWithItsRange': 'this fall, with its range',
    'pressure-hold.hold-compare.holdsCompared': 'Holds compared',
    'pressure-hold.hold-compare.tableOfTheHolds': 'Table of the holds',
    'pressure-hold.hold-compare.hold': 'Hold',
    'pressure-hold.hold-compare.result': 'Result',
    'pressure-hold.hold-compare.falls': 'Falls',
    'pressure-hold.hold-compare.coolant': 'Coolant',
    'pressure-hold.hold-compare.level': 'Level',
    'pressure-hold.hold-compare.gauge': 'Gauge',
    'pressure-hold.hold-compare.to': '{low} to {high}',
    'pressure-hold.hold-compare.inTheHoldTakenOff': '{drift} in the hold, taken off',
    'pressure-hold.hold-compare.hold2': 'Hold {label}{stage}',
    'pressure-hold.hold-ending.correctTheEnd': 'Correct the end',
    'pressure-hold.hold-ending.endTheHold': 'End the hold',
    'pressure-hold.hold-ending.releaseThePressureBeforeYou':
      'Release the pressure before you take the tester off.',
    'pressure-hold.hold-ending.theTrayUnderIt': 'The tray under it',
    'pressure-hold.hold-ending.dry': 'Dry',
    'pressure-hold.hold-ending.wet': 'Wet',
    'pressure-hold.hold-ending.notLooked': 'Not looked at',
    'pressure-hold.hold-ending.levelPressureLetOff': 'Level, with the pressure let off',
    'pressure-hold.hold-ending.asBefore': 'As before',
    'pressure-hold.hold-ending.lower': 'Lower',
    'pressure-hold.hold-ending.cylindersThroughThePlugHoles': 'Cylinders, through the plug holes',
    'pressure-hold.hold-ending.oneIsWet': 'One is wet',
    'pressure-hold.hold-ending.coolantTemperatureNow': 'Coolant temperature now',
    'pressure-hold.hold-ending.keepTheCorrection': 'Keep the correction',
    'pressure-hold.hold-ending.keepTheEnd': 'Keep the end',
    'pressure-hold.hold-ending.leaveAsItWas': 'Leave as it was',
    'pressure-hold.hold-ending.goOnHolding': 'Go on holding',
    'pressure-hold.hold-ending.sayWhatTheTrayShows':
      'Say what the tray shows, or that it was not looked at.',
    'pressure-hold.hold-entry.oneStepLower': 'One step lower',
    'pressure-hold.hold-entry.readingAsTheGaugeShows': 'Reading as the gauge shows it',
    'pressure-hold.hold-entry.oneStepHigher': 'One step higher',
    'pressure-hold.hold-entry.keepCorrection': 'Keep correction',
    'pressure-hold.hold-entry.addAt': 'Add at {at}',
    'pressure-hold.hold-entry.addAt2': 'Add at {elapsed}',
    'pressure-hold.hold-entry.leaveIt': 'Leave it',
    'pressure-hold.hold-entry.hissNoted': 'Hiss noted',
    'pressure-hold.hold-entry.hissHeard': 'Hiss heard',
    'pressure-hold.hold-entry.undo': 'Undo',
    'pressure-hold.hold-entry.numericPad': 'Numeric pad',
    'pressure-hold.hold-entry.delete': 'Delete',
    'pressure-hold.hold-entry.clear': 'Clear',
    'pressure-hold.hold-entry.closePad': 'Close pad',
    'pressure-hold.hold-entry.atAnotherTime': 'At another time',
    'pressure-hold.hold-entry.minutesAndSecondsLike4': 'Minutes and seconds, like 4:30',
    'pressure-hold.hold-entry.targetNeverReached': 'Target never reached',
    'pressure-hold.hold-entry.pressedAgain': 'Pressed up again',
    'pressure-hold.hold-entry.endTheHold': 'End the hold',
    'pressure-hold.hold-figures.corrected': ', corrected',
    'pressure-hold.hold-figures.at': 'At {at}{corrected}',
    'pressure-hold.hold-figures.addTheFirstReading': 'Add the first reading',
    'pressure-hold.hold-figures.falling': 'Falling',
    'pressure-hold.hold-figures.toLimit': '{low} to {high} · limit {kPaPerMinute}',
    'pressure-hold.hold-figures.leakTo': 'Leak {leakMLPerMinute} ({low} to {high})',
    'pressure-hold.hold-figures.aboutAWeek': 'About {litresPerWeek} a week',
    'pressure-hold.hold-figures.to': '{low} to {high}',
    'pressure-hold.hold-figures.reported':
      '; reported {reportedLitresPerWeek}: {comparison, select, explains {explains the loss reported} part {only a part of the loss reported: look for another} open {it lies in this range, and so does none} none {none reported, none measured} other {far more than reported}}',
    'pressure-hold.hold-readings.readingsLookCorrect':
      '{readings, plural, one {# reading} other {# readings}}: look, correct',
    'pressure-hold.hold-readings.kept': ' · kept',
    'pressure-hold.hold-readings.sent': ' · sent',
    'pressure-hold.hold-readings.typed': 'typed {typed}{id}',
    'pressure-hold.hold-readings.correct': 'Correct',
    'pressure-hold.hold-readings.correctTheSetUp': 'Correct the set-up',
    'pressure-hold.hold-setup.coldMeansBelowAndNo':
      '{message} Cold means below {limit} and no pressure; fit the tester slowly.',
    'pressure-hold.hold-setup.gauge': 'Gauge',
    'pressure-hold.hold-setup.reads': ', reads {by} {direction, select, low {low} other {high}}',
    'pressure-hold.hold-setup.anotherGauge': 'Another gauge',
    'pressure-hold.hold-setup.pumpUntilItShows': 'Pump until it shows',
    'pressure-hold.hold-setup.atMostTrueFromThe':
      'At most {maximumKPaGauge} true, from the {basis, select, marking {cap’s marking} system {system’s rating} other {cautious default}}',
    'pressure-hold.hold-setup.pumpStrokesItTook': 'Pump strokes it took',
    'pressure-hold.hold-setup.mlEachGivesTheLeaks': '{stroke} each: gives the leak’s size',
    'pressure-hold.hold-setup.leftEmptyTheLeaksSize': 'Left empty, the leak’s size is wide',
    'pressure-hold.hold-setup.nameOfTheGauge': 'Name of the gauge',
    'pressure-hold.hold-setup.smallestStep': 'Smallest graduation',
    'pressure-hold.hold-setup.readsTooHighBy': 'Reads too high by',
    'pressure-hold.hold-setup.2WhenItReads2': '−2 when it reads 2 low; empty if never compared',
    'pressure-hold.hold-setup.pumpPerStroke': 'Pump, per stroke',
    'pressure-hold.hold-setup.levelInTheSystem': 'Level in the system',
    'pressure-hold.hold-setup.nearFullMarked': 'Near full, marked',
    'pressure-hold.hold-setup.low': 'Low',
    'pressure-hold.hold-setup.notKnown': 'Not known',
    'pressure-hold.hold-how.relief': 'Pressed through',
    'pressure-hold.hold-how.reliefKept': 'An adapter with its relief, fitted cold',
    'pressure-hold.hold-how.reliefNone': 'Something else',
    'pressure-hold.hold-how.reliefFirst':
      'Let it cool and fit an adapter that keeps its relief: nothing is opened hot.',
    'pressure-hold.hold-how.howHot': 'Say how hot the coolant is: a hot hold is judged by it.',
    'pressure-hold.hold-how.notHot': 'Not hot: run it until the coolant has {limit} or more.',
    'pressure-hold.hold-how.shutOff': 'Shut off for this hold',
    'pressure-hold.hold-how.nothingShutOff': 'Nothing',
    'pressure-hold.hold-how.heaterCore': 'Heater core',
    'pressure-hold.hold-how.coolers': 'Coolers',
    'pressure-hold.hold-setup.coolantTemperatureNow': 'Coolant temperature now',
    'pressure-hold.hold-setup.withTheOneAtThe': 'With the one at the end, cooling is taken off',
    'pressure-hold.hold-setup.limit': 'Limit',
    'pressure-hold.hold-setup.plan.usual': 'Usual: {fall} in {minutes} min',
    'pressure-hold.hold-setup.plan.strict': 'Strict: none in {minutes} min',
    'pressure-hold.hold-setup.keepTheCorrectedSetUp': 'Keep the corrected set-up',
    'pressure-hold.hold-setup.pumpedUpStartTheClock': 'Pumped up: start the clock',
    'pressure-hold.hold-setup.leaveAsItWas': 'Leave as it was',
    'pressure-hold.hold-setup.typeThePressureYouPumped': 'Type the pressure you pumped to.',
    'pressure-hold.hold-setup.notColdWaitUntilThe':
      'Not cold: wait until the coolant is below {limit}.',
    'pressure-hold.hold-setup.sayWhetherTheLevelIs':
      'Say whether the level is near full: a hold on a low system presses air.',
    'pressure-hold.hold-setup.sayTheSmallestStepOf':
      'Say the gauge’s smallest graduation: it decides how long the hold must run.',
    'pressure-hold.hold-setup.strokesAreAWholeNumber':
      'Strokes are a whole number from 1 to 500, or left empty.',
    'pressure-hold.hold-setup.giveTheGaugeAName':
      'Give the gauge a name, so that its offset is known next time.',
    'pressure-hold.endedAt': 'Ended at {elapsedSeconds}',
    'pressure-hold.target': '· target {target}',
    'pressure-hold.atMost': ', at most {allowedKPaGauge}',
    'pressure-hold.gaugeReads':
      ' · gauge reads {offset} {direction, select, low {low} other {high}}',
    'pressure-hold.aPassHereNotClear':
      'A pass here {state, select, tight {does} other {would}} not clear:',
    'pressure-hold.holdAgain': 'Hold again',
    'pressure-hold.lookForThePlace': 'Look for the place',
    'pressure-hold.correctTheEnd': 'Correct the end',
    'pressure-hold.report.pressureHold': 'Pressure hold{holds}: {states}',
    'pressure-hold.report.readingsOverAtMostAllowed':
      '{observedAt}, {points, plural, one {# reading} other {# readings}} over {elapsedSeconds}, at most {allowedKPaGauge} allowed.',
    'pressure-hold.report.fallsToLimit':
      'Falls {fallKPaPerMinute} ({low} to {high}); limit {kPaPerMinute}.',
    'pressure-hold.report.aboutAWeekTo': ' About {litresPerWeek} a week ({low} to {high})',
    'pressure-hold.report.theKeeperReports': '; the keeper reports {reportedLitresPerWeek}',
    'pressure-hold.report.thisPassDoesNotClear': 'This pass does not clear',
    'pressure-hold.report.aPassWouldNotHave': 'A pass would not have cleared',
    'pressure-hold.hold-chart.noReadingYet': 'No reading yet',
    'pressure-hold.hold-chart.pressureOverTime':
      'Pressure over time: {readings, plural, one {# reading} other {# readings}}, from {first} to {last}',
    'pressure-hold.hold-compare.notMeasured': 'not measured',
    'pressure-hold.hold-compare.gaugeNotKnown': 'gauge not known',
    'pressure-hold.hold-compare.noGaugeNamed': 'no gauge named',
    'pressure-hold.hold-compare.level.near-full': 'near full',
    'pressure-hold.hold-compare.level.low': 'low',
    'pressure-hold.hold-compare.level.not-known': 'not known',
    'pressure-hold.hold-compare.cannotBeCompared':
      'The last two cannot be compared: one has too few readings.',
    'pressure-hold.hold-compare.verdict':
      '{apart, select, slower {Slower than before} faster {Faster than before} other {No difference that these gauges and minutes can show}}: {before}, then {now}.',
    'pressure-hold.hold-compare.levelNotTheSame':
      'The level was not the same: part of the difference may be air.',
    'pressure-hold.hold-compare.stage':
      '{when, select, before {before the repair} last {after the repair} other {after repair {done}}}',
  },
  sentences: {
    'hold.verdict.takeFirst': 'Take the first reading.',
    'hold.verdict.noneTaken': 'The hold ended before a reading was taken.',
    'hold.verdict.settling':
      'Readings count after {minutes, plural, one {# minute} other {# minutes}}.',
    'hold.verdict.endedEarly': 'It ended before it had settled: nothing follows.',
    'hold.verdict.testerUnfit': 'The tester leaks too much to judge.',
    'hold.verdict.moreMinutes':
      '{minutes, plural, one {# more minute} other {# more minutes}} with this gauge to be sure.',
    'hold.verdict.endedUndecided':
      'It ended {minutes, plural, one {# minute} other {# minutes}} too soon for this gauge.',
    'hold.verdict.temperatureSettles':
      'How far the coolant cools decides here: {when, select, running {take its temperature when you end the hold} other {its temperature was not taken at both ends}}.',
    'hold.verdict.finerGauge':
      'More waiting does not settle it with this gauge: hold again with one of finer graduation.',
    'hold.verdict.tight': 'Within the limit.',
    'hold.verdict.tightButBlind': 'Within the limit, but blind to the reported loss.',
    'hold.verdict.slow': 'Within the limit, but it falls: a slow seep is not excluded.',
    'hold.verdict.gross': 'Find it by eye now.',
    'hold.verdict.above': 'Above the limit; it will not pass.',
    'hold.targetAboveMarking':
      '{target} is above the {maximum} this system may be pressed to. Choose a lower target.',
    'hold.targetNotAboveZero': 'The target must be above zero.',
    'hold.findMakersFigure':
      'Cap unmarked or doubtful: pressed to a cautious figure. Find the maker’s figure.',
    'hold.defaultCompliance':
      'Pump strokes not counted: the leak size rests on a usual system and is wide.',
    'hold.targetNeverReached':
      'The target was never reached: a gross leak, or the adapter does not seal.',
    'hold.settlingCounted':
      'No second reading after it had settled: the first counts as well, less what hoses may have given.',
    'hold.coolingExplains': 'The pressure fell no more than the cooling of the coolant explains.',
    'hold.testerUnfit': 'The tester leaks too much by itself. Repair it and hold again.',
    'hold.testerSubtracted': 'The tester’s own leak, {rate} in this system, is taken off.',
    'hold.testerNotChecked':
      'The tester was not checked on itself: its leak may be in this figure.',
    'hold.driftCorrected':
      'The coolant cooled by {drop}; what that does to the pressure is taken off, and the figure is wider for it.',
    'hold.startTemperatureNotRecorded':
      'Coolant temperature at the start was not recorded: cooling may be in this figure.',
    'hold.endTemperatureNotRecorded':
      'Coolant temperature at the end was not recorded: cooling may be in this figure.',
    'hold.temperatureNotRecorded':
      'Coolant temperature at start and end was not recorded: cooling may be in this figure.',
    'hold.repairGrossLeakFirst':
      'A leak was already seen issuing: repair or isolate it, then hold again.',
    'hold.tightButBlindToReported':
      'Tight against the usual limit, but a leak of the reported size would not have shown. It would take about {minutes, plural, one {# minute} other {# minutes}} with this gauge.',
    'hold.dilution':
      'Topped up with water, this loss thins the coolant from {from} to {to} % in {weeks, plural, one {# week} other {# weeks}}: check the freeze point.',
    'hold.hotButCool':
      'Called a hot hold, but the coolant was at {temperature}: it says nothing about hot-only leaks.',
    'hold.pass.lowLevel': 'anything: the level was low, so air was pressed and a pass means little',
    'hold.pass.levelUnknown': 'parts that stood in air: the level was not known',
    'hold.pass.capNotTested': 'the cap (it is off)',
    'hold.pass.aboveLiquid': 'joints above the liquid',
    'hold.pass.otherTemperature': 'leaks that open only hot, or only colder than now',
    'hold.pass.onlyCold': 'leaks that open only cold',
    'hold.pass.slowInternal': 'internal leaks slower than the limit',
    'hold.pass.adapterJoint': 'the joint of adapter and neck (soap it)',
    'hold.pass.testerUnchecked': 'the tester itself',
    'assumes.hoursPerWeek':
      'Litres a week rest on about 10 hours of driving a week, 5 to 20: not recorded.',
    'says.holdFall': 'Hold falls {rate} over {minutes} min',
    'says.targetNeverReached': 'Target pressure never reached',
    'says.hiss': 'Hiss heard under pressure',
    'says.trayWet': 'Coolant in the tray after the hold',
    'says.levelAfterHold.lower': 'Level lower after the hold',
    'says.levelAfterHold.as-before': 'Level as before after the hold',
    'hold.pressedAgain':
      'Pressed up again on the way: only the longest stretch between two presses is judged.',
    'says.trayDry': 'Tray dry although the hold fell',
    'says.cylinderWet': 'A cylinder is wet after the hold',
    'says.cylinderDry': 'Cylinders dry after the hold',
  },
}
