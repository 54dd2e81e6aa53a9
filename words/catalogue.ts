import type { Message } from '../core/message'
import { PART_NAMES } from '../core/knowledge/parts'
import type { Part } from '../core/casefile/profile'
import { CHECK_SENTENCES } from './checks'
import { DEFAULT_UNITS, formatQuantity, isQuantity, type UnitPreferences } from './format'

/** Every sentence core can say. `{name}` is a parameter; quantities come in the reader's unit. */
export const SENTENCES: Readonly<Record<string, string>> = {
  ...CHECK_SENTENCES,
  'input.empty': 'Type a number first.',
  'input.tooLong': 'That is too long for a reading.',
  'input.notANumber': '“{typed}” is not a number.',
  'input.wrongUnit': '“{unit}” measures something else; here it is {units}.',
  'input.unknownUnit': '“{unit}” is not a unit known here; use {units}.',
  'input.outOfRange': '“{typed}” is out of range; {min} to {max} is possible here.',
  'input.beforeStart': 'That time is before the hold began.',
  'input.inFuture': 'That time has not come yet.',
  'input.badTime': '“{typed}” is not a time; write minutes and seconds, like 4:30.',

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
  'hold.testerNotChecked': 'The tester was not checked on itself: its leak may be in this figure.',
  'hold.driftCorrected':
    'The coolant cooled by {drop}; what that does to the pressure is taken off, and the figure is wider for it.',
  'hold.temperatureNotRecorded':
    'Coolant temperature at start and end was not recorded: cooling may be in this figure.',
  'hold.repairGrossLeakFirst':
    'A leak was already seen issuing: repair or isolate it, then hold again.',
  'hold.tightButBlindToReported':
    'Tight against the usual limit, but a leak of the reported size would not have shown. It would take about {minutes} minutes with this gauge.',
  'hold.dilution':
    'Topped up with water, this loss thins the coolant from {from} to {to} % in {weeks} weeks: check the freeze point.',
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
  'selfCheck.pass.adapterJoint': 'the joint between adapter and neck: soap it during the hold',
  'cap.pass.neck': 'the neck it seats on',
  'cap.pass.vacuumNotTested': 'the vacuum valve, which was not tried',

  'caution.hold':
    'Cold and below the cap’s mark. Face away from the neck. Release before you take the tester off.',
  'caution.aboveMarking': 'Above the {maximum} allowed. Let pressure off now.',
  'caution.notCold': 'Not cold: 40 °C or more. Wait. Hot coolant scalds.',
  'caution.cylinderMayBeFull':
    'Pressure went and nothing dripped: a cylinder may be full. Before any cranking, plugs out and turn the engine by hand.',

  'assumes.halfGlycol': 'Coolant taken as half ethylene glycol by volume: not recorded.',
  'assumes.hoursPerWeek':
    'Litres a week rest on about 10 hours of driving a week, 5 to 20: not recorded.',
  'assumes.kilometresPerWeek':
    'Loss per distance turned into a week by {km} km a week: not recorded.',
  'advice.stopAtOnce': 'Stop and switch off. Do not drive it on: the coolant may be gone.',
  'advice.doNotDrive': 'Better not driven until this is settled.',

  'says.holdFall': 'Hold falls {rate} over {minutes} min',
  'says.targetNeverReached': 'Target pressure never reached',
  'says.hiss': 'Hiss heard under pressure',
  'says.trayWet': 'Coolant in the tray after the hold',
  'says.trayDry': 'Tray dry although the hold fell',
  'says.cylinderWet': 'A cylinder is wet after the hold',
  'says.cylinderDry': 'Cylinders dry after the hold',
  'says.capOpens': 'Cap marked {marking} opens at {opening}',
  'says.capHolds': 'Cap holds {held} after a minute',
  'says.vacuum.free': 'Vacuum valve moves freely',
  'says.vacuum.stuck': 'Vacuum valve is stuck',
  'says.capWrong': 'Cap is not the one for this place',
  'says.capRight': 'Cap is right for this place',
  'says.capSeals.good': 'Seals of the cap look good',
  'says.capSeals.damaged': 'Seal of the cap is damaged',
  'says.keeperYes': '“{question}” Yes',
  'says.keeperNo': '“{question}” No',
  'says.lossPerWeek': 'Keeper tops up {loss} a week',
  'says.level.overfull': 'Level above the mark, cold',
  'says.level.right': 'Level right, cold',
  'says.level.low': 'Level low, cold',
  'says.level.empty': 'System nearly empty, cold',
  'says.oilInCoolant.yes': 'Oil in the coolant',
  'says.oilInCoolant.no': 'No oil in the coolant',
  'says.emulsion.no': 'Oil is clean',
  'says.emulsion.filler-only': 'Froth under the filler cap only',
  'says.emulsion.dipstick': 'Milky oil on the dipstick',
  'says.residual.none': 'No pressure left after the night',
  'says.residual.some': 'Some pressure left after the night',
  'says.residual.strong': 'Strong pressure left after the night',
  'says.look.dry': '{part} is dry',
  'says.look.stained': '{part} is stained',
  'says.look.wet': '{part} is wet',
  'says.look.dried-and-wet-again': '{part} was dried and is wet again',
  'says.look.issuing': 'Coolant seen issuing at: {part}',

  'log.noTable':
    'This is no log: a first row with names and at least two rows of values are needed.',
  'log.tooLong': 'This log has {rows} rows; at most {most} can be taken.',
  'log.noColumn': 'There is no column “{column}” in this log.',
  'log.noChannel': 'There is no channel “{channel}”.',
  'log.noTimes': 'No times can be read in “{column}”: seconds, a clock or ISO moments.',
  'log.noValues': 'No numbers can be read in “{column}”.',
  'log.wrongUnit': '“{unit}” is no unit of what “{column}” measures.',
  'log.unitAssumed': '“{column}” taken as {unit}: its header does not say.',
  'log.rowsDropped': '{rows} rows left out: no time, or a time that does not rise.',
  'log.valuesDropped': '{values} values of “{column}” left out: no number.',

  'file.truncated': 'This file ends in the middle: it was cut short on its way.',
  'file.notJson': 'This is not a case file: it cannot be read as JSON.',
  'file.otherFormat': 'This is not a Thermognosis case file.',
  'file.noVersion': 'This case file does not say its version.',
  'file.laterVersion':
    'This case file is of version {version}; this program reads up to version {newest}. Update the program first.',
  'file.badField': 'The field {path} is not as it should be: {reason}.',
  'file.otherVehicle': 'The case names another vehicle than the one in the file ({path}).',
  'file.unknownPerson': 'The field {path} names a person who is not in the file.',
  'file.sameIdTwice': 'The same id stands twice in the file ({path}).',
  'file.supersedesUnknown': 'The field {path} replaces a record that is not in the file.',
  'file.supersedesOther': 'The field {path} replaces a record of another kind.',
  'file.supersedesLoop': 'The field {path} replaces itself in a circle.',
  'file.unknownRun': 'The field {path} names a hold that is not in the file.',
  'file.unknownInstrument': 'The field {path} names an instrument that is not in the file.',
  'file.tooLarge': 'This file is too large: a case file has at most {megabytes} MB.',
}

/** The sentence of a message in the reader's units; throws for an id without a sentence, so that a test finds it. */
export function sentence(message: Message, units: UnitPreferences = DEFAULT_UNITS): string {
  const pattern = SENTENCES[message.id]
  if (pattern === undefined) throw new Error(`no sentence for ${message.id}`)
  return pattern.replace(/\{(\w+)\}/g, (_, name: string) => {
    const parameter = message.parameters[name]
    if (parameter === undefined) return '…'
    if (typeof parameter === 'object')
      return isQuantity(parameter) ? formatQuantity(parameter, units) : sentence(parameter, units)
    return String(parameter in PART_NAMES ? PART_NAMES[parameter as Part] : parameter)
  })
}
