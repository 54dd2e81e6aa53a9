/** What is wrong with a file that was read. */
export const FILES: Readonly<Record<string, string>> = {
  'crankTrace.tooLarge':
    'This file is too large for one run of the starter: a few seconds are enough.',
  'crankTrace.unreadable': 'This file could not be read as a trace.',
  'crankTrace.noPressure': 'No columns with a time and a pressure were found in this file.',
  'log.noTable':
    'This is not a log: a first row with names and at least two rows of values are needed.',
  'log.tooLong': 'This log has {rows} rows; at most {most} can be taken.',
  'log.noColumn': 'There is no column “{column}” in this log.',
  'log.noChannel': 'There is no channel “{channel}”.',
  'log.noTimes': 'No times can be read in “{column}”: seconds, a clock or ISO moments.',
  'log.noValues': 'No numbers can be read in “{column}”.',
  'log.wrongUnit': '“{unit}” is not a unit of what “{column}” measures.',
  'log.unitAssumed': '“{column}” taken as {unit}: its header does not say.',
  'log.rowsDropped': '{rows} rows left out: no time, or a time that does not rise.',
  'log.valuesDropped': '{values} values of “{column}” left out: not a number.',
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
