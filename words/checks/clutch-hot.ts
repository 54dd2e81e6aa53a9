import type { CheckWords } from './check-words'

export const clutchHot: CheckWords = {
  name: 'Clutch, hot',
  why: 'Hot drag carries most.',
  sentences: {
    'clutch.pass.cold': 'a clutch that slips only after long heat',
    'says.dragHot.firm': 'Clutch drags firmly, hot',
    'says.dragHot.weak': 'Clutch drags weakly, hot',
    'says.dragHot.none': 'Clutch turns freely, hot',
    'says.dragHot.seized': 'Clutch is seized',
    'says.turnsAfter': 'Fan turns {turns} times after switch-off',
    'says.roar.yes': 'Fan roars when hot',
    'says.roar.no': 'No roar when hot',
    'says.roar.always': 'Fan roars always',
  },
}
