import type { CheckWords } from './check-words'

export const clutchHot: CheckWords = {
  name: 'Clutch, hot',
  why: 'Hot drag carries most.',
  states: {
    contradicts: 'Free by hand and roaring do not go together.',
    grips: 'Clutch grips hot.',
    slips: 'Clutch slips hot.',
    locked: 'Clutch is locked.',
    'not-judged': 'Not judged: it was not shown hot enough.',
  },
  panel: {
    'form.clutch-hot.dragHot': 'Drag by hand, just stopped',
    'form.clutch-hot.dragHot.firm': 'Firm',
    'form.clutch-hot.dragHot.weak': 'Weak',
    'form.clutch-hot.dragHot.none': 'None',
    'form.clutch-hot.dragHot.seized': 'Seized',
    'form.clutch-hot.turnsAfterSwitchOff': 'Turns after switch-off',
    'form.clutch-hot.roarHot': 'Roars when hot',
    'form.clutch-hot.roarHot.always': 'Always, cold too',
    'form.clutch-hot.roarHot.not-heard': 'Not listened for',
    'form.clutch-hot.airBehindRadiator': 'Air behind the radiator',
  },
  sentences: {
    'clutch.contradicts':
      'A fan that always roars turns with the engine, so its clutch is not free by hand: look again, engine off.',
    'clutch.pass.cold': 'a clutch that slips only after long heat',
    'says.dragHot.firm': 'Clutch drags firmly, hot',
    'says.dragHot.weak': 'Clutch drags weakly, hot',
    'says.dragHot.none': 'Clutch turns freely, hot',
    'says.dragHot.seized': 'Clutch is seized',
    'says.turnsAfter': 'Fan turns {turns} times after switch-off',
    'says.roar.yes': 'Fan roars when hot',
    'says.roar.no': 'No roar when hot',
    'says.roar.always': 'Fan always roars',
  },
}
