export const FRAME: Readonly<Record<string, string>> = {
  'frame.backToTheBoard': 'Back to the board',
  'frame.thermognosis': 'Thermognosis',
  'frame.unitsThemeAndSignOut': 'Units, theme and sign-out',
  'frame.signedOutWhatYouRecord':
    'Signed out. What you record is kept on this device and sent when {name} signs in again.',
  'frame.signIn': 'Sign in',
  'frame.thisDevicesClockIsMin':
    'This device’s clock is {minutes} min {way, select, behind {behind} other {ahead of}} the server. Entries are kept with both times.',
  'frame.notKept': '{unkept} not kept',
  'frame.notKeptHereNotSent': 'Not kept here · {kept} to send',
  'frame.nothingKeptHereAllSent': 'Nothing kept here · all sent',
  'frame.notSent': '{kept, plural, =0 {Sent} other {# not sent}}',
  'frame.setAside': '{refused} set aside',
  'frame.aside': '{refused} aside',
  'frame.signedOutKept': 'Signed out · {kept} kept',
  'frame.kept': '{kept} kept',
  'frame.keeping': 'Keeping',
  'frame.sending': 'Sending {kept}',
  'frame.keptNotSent': '{kept} kept, not sent',
  'frame.allKeptAllSent': 'All kept, all sent',
  'frame.noNetworkAllKept': 'No network · all kept',
  'frame.sent': 'Sent',
  'frame.noNet': 'No net',
  'frame.newVersion':
    'A new version of Thermognosis is here. What is typed and kept stays when it is loaded.',
  'frame.loadNewVersion': 'Load it now',
}
