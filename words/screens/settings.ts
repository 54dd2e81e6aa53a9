export const SETTINGS: Readonly<Record<string, string>> = {
  'settings.language': 'Language',
  'settings.unitsAndLookOfThis': 'Units and look of this device',
  'settings.pressure': 'Pressure',
  'settings.temperature': 'Temperature',
  'settings.volumeAndDistance': 'Volume and distance',
  'settings.lKm': 'L, km',
  'settings.qtMi': 'qt, mi',
  'settings.theme': 'Theme',
  'settings.asTheDevice': 'As the device',
  'settings.light': 'Light',
  'settings.dark': 'Dark',
  'settings.eachReadingKeepsTheUnit':
    'Each reading keeps the unit it was typed in; this only changes what is shown.',
  'settings.instruments': 'Instruments',
  'settings.whatEachIsOffBy': 'What each is off by, its smallest step, when it was last compared.',
  'settings.instrumentsOfTheShop': 'Instruments of the shop',
  'settings.entriesAreNotSentYet':
    '{outbox} entries are not sent yet. They stay on this device until {name} signs in here again.',
  'settings.signOut': 'Sign out',
  'settings.signOutOnEveryDevice': 'Sign out on every device',
}
