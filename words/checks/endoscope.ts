import type { CheckWords } from './check-words'

export const endoscope: CheckWords = {
  name: 'Look into cylinders',
  why: 'A cylinder seen wet is proof.',
  states: {
    'coolant-in-cylinder': 'Coolant in the cylinder.',
    'steam-cleaned': 'Steam-cleaned.',
    dry: 'Dry.',
  },
  panel: {
    'endoscope.fourCylindersAssumedSayHow':
      'Four cylinders assumed: say how many in the system profile.',
    'endoscope.wasTheSystemUnderPressure': 'Was the system under pressure for some time before?',
    'endoscope.yesPressed': 'Yes, pressed',
    'endoscope.no': 'No',
    'endoscope.lookAtThisOne': 'Look at this one',
    'endoscope.cylinderLooks': 'Cylinder {chosen} looks',
    'endoscope.drySooted': 'Dry, sooted',
    'endoscope.coolantInIt': 'Coolant in it',
    'endoscope.washedClean': 'Steam-cleaned',
    'endoscope.takeItBack': 'Take it back',
    'endoscope.notSeen': 'not seen',
    'endoscope.seen': '{seen, select, dry {Dry} wet {Coolant} other {Steam-cleaned}}',
  },
  sentences: {
    'endoscope.pass.otherCylinders': 'the other cylinders, and a breach that seals cold',
    'says.endoscope.dry': 'Cylinder {cylinder} dry inside',
    'says.endoscope.wet': 'Coolant in cylinder {cylinder}',
    'says.endoscope.steam-cleaned': 'Cylinder {cylinder} steam-cleaned',
  },
}
