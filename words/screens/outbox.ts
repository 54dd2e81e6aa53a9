export const OUTBOX: Readonly<Record<string, string>> = {
  'outbox.keptOnThisDevice': 'Kept on this device',
  'outbox.exportAsAFile': 'Export as a file',
  'outbox.sendNow': 'Send now',
  'outbox.everythingYouRecordedHereHas': 'Everything you recorded here has been sent.',
  'outbox.setAside': 'Set aside',
  'outbox.theServerDidNotTake':
    'The server did not take these. They stay here until you change, export or discard them; later entries went on.',
  'outbox.lookAndChange': 'Look and change',
  'outbox.discard': 'Discard',
  'outbox.waitingToBeSent': 'Waiting to be sent',
  'outbox.changeThisEntry': 'Change this entry',
  'outbox.theEntryAsItIs': 'The entry as it is kept',
  'outbox.keepAndSendAgain': 'Keep and send again',
  'outbox.leaveAsItIs': 'Leave as it is',
  'outbox.whatStandsHereIsNo': 'What stands here is no longer JSON; mend it before it is sent.',
}
