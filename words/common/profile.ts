/** What does not fit together in a system. */
export const PROFILE: Readonly<Record<string, string>> = {
  'profile.capTooHigh':
    'Wrong cap for this system: it holds {cap}, the system is made for {system}. Something else will let go first.',
  'profile.capTooLow':
    'Wrong cap for this system: it opens at {cap}, the system needs {system}. It will boil and push out early.',
  'profile.bottleCapSealed':
    'An overflow bottle is open to the air: a pressure cap does not belong on it.',
  'profile.neckCapVented':
    'A vented cap on the radiator neck holds no pressure: wrong for this place.',
  'profile.tankCapVented':
    'A vented cap on a pressurised tank holds no pressure: wrong for this place.',
  'profile.secondFanFirst':
    'The second fan, or the higher speed, is said to start before the first.',
  'profile.fanTemperatures':
    'The fan would stop above where it starts: look at the two temperatures again.',
  'profile.fanBeforeThermostat':
    'The fan would start before the thermostat opens: look at the two temperatures again.',
}
