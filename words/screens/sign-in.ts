export const SIGNIN: Readonly<Record<string, string>> = {
  'sign-in.thermognosis': 'Thermognosis',
  'sign-in.overheatingNoHeatCoolantLoss':
    'Overheating, no heat, coolant loss: what is measured, what it proves, what is next.',
  'sign-in.signInName': 'Sign-in name',
  'sign-in.password': 'Password',
  'sign-in.signIn': 'Sign in',
  'sign-in.byKeptOnThisDevice':
    '{count} {count2} by {name} kept on this device, to be sent when {name2} signs in.',
  'sign-in.supportsAQualifiedTechnicianThe':
    'Supports a qualified technician. The maker’s procedure and figures, local codes and licensed practice go first.',
  'sign-in.typeYourSignInName': 'Type your sign-in name and your password.',
  'sign-in.theServerCannotBeReached':
    'The server cannot be reached. Check the network and try again.',
  'sign-in.code': 'Six digits of the second factor',
  'sign-in.keepNothing': 'Keep nothing on this device',
  'sign-in.aCopyIsKept':
    'The open cases of the shop, and what you record, are kept in this browser, not locked away, until you sign out.',
  'sign-in.nothingIsKept':
    'For a device that is not the shop’s: without network nothing works, and what is not sent when the page closes is lost.',
}
