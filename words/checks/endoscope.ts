import type { CheckWords } from './check-words'

export const endoscope: CheckWords = {
  name: 'Look into cylinders',
  why: 'A cylinder seen wet is proof.',
  states: {
    'coolant-in-cylinder': 'Coolant in the cylinder.',
    'steam-cleaned': 'Steam-cleaned.',
    dry: 'Dry.',
  },
  sentences: {
    'endoscope.pass.otherCylinders': 'the other cylinders, and a breach that seals cold',
    'says.endoscope.dry': 'Cylinder {cylinder} dry inside',
    'says.endoscope.wet': 'Coolant in cylinder {cylinder}',
    'says.endoscope.steam-cleaned': 'Cylinder {cylinder} steam-cleaned',
  },
}
