import type { CheckWords } from './check-words'

export const pressureHold: CheckWords = {
  name: 'Pressure hold',
  why: 'Tight, or how fast.',
  states: {
    'no-reading': 'No reading yet.',
    settling: 'Settling.',
    undecided: 'Not decided.',
    tight: 'Tight.',
    seep: 'Seep.',
    leak: 'Leak.',
    gross: 'Gross leak.',
  },
  sentences: {
    'hold.verdict.takeFirst': 'Take the first reading.',
    'hold.verdict.noneTaken': 'It ended before one was taken.',
    'hold.verdict.settling':
      'Readings count after {minutes, plural, one {# minute} other {# minutes}}.',
    'hold.verdict.endedEarly': 'It ended before it had settled: nothing follows.',
    'hold.verdict.testerUnfit': 'The tester leaks too much to judge.',
    'hold.verdict.moreMinutes':
      '{minutes, plural, one {# more minute} other {# more minutes}} with this gauge to be sure.',
    'hold.verdict.endedUndecided':
      'It ended {minutes, plural, one {# minute} other {# minutes}} too soon for this gauge.',
    'hold.verdict.tight': 'Within the limit.',
    'hold.verdict.tightButBlind': 'Within the limit, but blind to the reported loss.',
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
    'hold.pass.slowInternal': 'internal leaks slower than the limit',
    'hold.pass.adapterJoint': 'the joint of adapter and neck (soap it)',
    'hold.pass.testerUnchecked': 'the tester itself',
    'assumes.hoursPerWeek':
      'Litres a week rest on about 10 hours of driving a week, 5 to 20: not recorded.',
    'says.holdFall': 'Hold falls {rate} over {minutes} min',
    'says.targetNeverReached': 'Target pressure never reached',
    'says.hiss': 'Hiss heard under pressure',
    'says.trayWet': 'Coolant in the tray after the hold',
    'says.trayDry': 'Tray dry although the hold fell',
    'says.cylinderWet': 'A cylinder is wet after the hold',
    'says.cylinderDry': 'Cylinders dry after the hold',
  },
}
