/** What the server answers when it does not do what was asked. */
export const REFUSALS: Readonly<Record<string, string>> = {
  'refusal.signedOut': 'You are signed out. Sign in again; what you recorded is kept.',
  'refusal.roleMayNot': 'Your role, {role}, may not do this. Ask your lead.',
  'refusal.roleMayNotTakeBack': 'Your role, {role}, may not take this back. Ask your lead.',
  'refusal.notFound': 'There is nothing here under that address.',
  'refusal.fromAnotherSite': 'This request came from another site and was not carried out.',
  'refusal.tooManyTries':
    'Too many wrong tries. Wait {seconds, plural, one {# second} other {# seconds}}, or ask your lead.',
  'refusal.wrongSignIn': 'That name and password do not belong together.',
  'refusal.noDatabase': 'The database is not answering just now.',
  'refusal.noDatabaseButKept':
    'The database is not answering just now. What you recorded is kept and will be sent.',
  'refusal.noSessionPassword':
    'NUXT_SESSION_PASSWORD is missing or shorter than 32 characters; see docs/running.md.',
  'refusal.notMigrated': 'The database is of an earlier version: run npm run migrate.',
  'refusal.goneAway': 'Nobody waited for the answer: nothing was kept of it.',
  'refusal.unexpected': 'Something went wrong here, not with your entry. It is kept; try again.',
  'refusal.entryTooLarge': 'This entry is too large to be kept.',
  'refusal.photographTooLarge': 'This photograph is too large to be kept.',
  'refusal.notJson': 'This address takes JSON only.',
  'refusal.damaged': 'This entry arrived damaged: it is not JSON.',
  'refusal.field': 'The field {field} is not as it should be: {problem}.',
  'refusal.notStorable':
    'A value of this entry cannot be kept by the database. Change it and send it again.',
  'refusal.cursor': 'The cursor must be a whole number.',
  'refusal.numberAndAddress': 'The entry’s number and its address do not agree.',
  'refusal.madeBySomeoneElse':
    'This entry was made by someone else and can only be sent when that person is signed in.',
  'refusal.noJpeg': 'This is not a JPEG picture.',
  'refusal.zipDamaged': 'This zip is damaged, or was cut off: fetch it again where it came from.',
  'refusal.zipWithoutCase':
    'There is no case in this zip: it holds no “case.json” of a size that is read.',
  'refusal.photographDamaged': 'This photograph arrived damaged.',
  'refusal.noSuchRun': 'This reading belongs to no hold or run of this case.',
  'refusal.withdrawsNothing': 'A withdrawal must say what it takes back.',
  'refusal.replacesItself': 'An entry cannot replace itself.',
  'refusal.replacesAnotherKind': 'An entry can only replace one of its own kind in the same case.',
  'refusal.firstPassword': 'Change the password that you were given first.',
  'refusal.secondFactorWanted':
    'Type the six digits that your second device shows for Thermognosis.',
  'refusal.secondFactorWrong':
    'These six digits are not those of your second device, or no longer. Wait for the next ones.',
  'refusal.secondFactorInForce': 'A second factor is in force already. Take it off first.',
  'refusal.secondFactorNotBegun': 'Begin with the second factor first.',
  'refusal.passwordSigns': 'A password has {least} to {most} characters.',
  'refusal.passwordCommon': 'This password is among those that are guessed first. Choose another.',
  'refusal.passwordName': 'This password is made of your name. Choose another.',
  'refusal.passwordWrong': 'That is not your present password.',
  'refusal.passwordSame': 'This is the present password. Choose another.',
  'refusal.notAPicture': 'This is not a picture that can be read.',
  'refusal.tooManyPixels': 'This picture is too large: it may have {megapixels} million pixels.',
  'refusal.photographsFull':
    'The photographs of this shop take up all the room they may, {gigabytes} GB. Ask your lead.',
  'refusal.tooBusy': 'Too much was asked at once from here. It goes on in {seconds, number} s.',
  'refusal.whichCases': 'Say which cases are wanted: their numbers, {most, number} at most.',
  'refusal.search': 'This cannot be searched for.',
  'refusal.belongsToUnknown':
    'The {what, select, case {case} vehicle {vehicle} profile {profile} hold {hold} instrument {instrument} replaced {entry that this one replaces} other {entry}} it belongs to is not known here.',
  'refusal.numberTaken':
    'Something else is already kept under this entry’s number. Yours is set aside here, unchanged.',
  'refusal.numberTakenInImport':
    'This shop already keeps something else under the number of {kind, select, case {this case} record {the record {name}} event {the event {name}} other {the instrument {name}}}. Nothing was changed.',
}
