/** What is wrong with something typed. */
export const INPUT: Readonly<Record<string, string>> = {
  'input.empty': 'Type a number first.',
  'input.tooLong': 'That is too long for a reading.',
  'input.notANumber': '“{typed}” is not a number.',
  'input.wrongUnit': '“{unit}” measures something else; here it is {units}.',
  'input.unknownUnit': '“{unit}” is not a unit known here; use {units}.',
  'input.outOfRange': '“{typed}” is out of range; {min} to {max} is possible here.',
  'input.beforeStart': 'That time is before the hold began.',
  'input.inFuture': 'That time is still to come.',
  'input.badTime': '“{typed}” is not a time; write minutes and seconds, like 4:30.',
}
