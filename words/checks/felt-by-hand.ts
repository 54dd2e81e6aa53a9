import type { CheckWords } from './check-words'

const FELT = '{felt, select, cold {cold} lukewarm {lukewarm} other {hot}}'
const HOSE =
  '{hose, select, heldBack {Hose to the radiator} heaterInlet {Heater inlet} heaterOutlet {Heater outlet} other {Lower hose}}'

export const feltByHand: CheckWords = {
  name: 'Hoses by hand',
  why: 'A palm on four hoses says which way to measure.',
  states: {
    'held-back-cold': 'The hose behind the thermostat stays cold.',
    'radiator-cold': 'Radiator cold on a warm engine.',
    'hose-drawn-flat': 'Lower hose collapsed.',
    'heater-cold': 'No heat reaches the heater.',
    'heater-drop': 'Heater outlet cold behind a hot inlet.',
    'cold-places': 'Cold places on the radiator.',
    'nothing-odd': 'Nothing odd by hand.',
  },
  panel: {
    'form.felt-by-hand.engine': 'Engine',
    'form.felt-by-hand.engine.just-started': 'Just started',
    'form.felt-by-hand.engine.needle-up': 'Needle up',
    'form.felt-by-hand.engine.too-hot': 'Too hot',
    'form.felt-by-hand.upperHose': 'Upper hose',
    'form.felt-by-hand.upperHose.cold': 'Cold',
    'form.felt-by-hand.upperHose.lukewarm': 'Lukewarm',
    'form.felt-by-hand.upperHose.hot': 'Hot',
    'form.felt-by-hand.lowerHose': 'Lower hose',
    'form.felt-by-hand.lowerHose.cold': 'Cold',
    'form.felt-by-hand.lowerHose.lukewarm': 'Lukewarm',
    'form.felt-by-hand.lowerHose.hot': 'Hot',
    'form.felt-by-hand.heaterInlet': 'Heater inlet',
    'form.felt-by-hand.heaterInlet.cold': 'Cold',
    'form.felt-by-hand.heaterInlet.lukewarm': 'Lukewarm',
    'form.felt-by-hand.heaterInlet.hot': 'Hot',
    'form.felt-by-hand.heaterOutlet': 'Heater outlet',
    'form.felt-by-hand.heaterOutlet.cold': 'Cold',
    'form.felt-by-hand.heaterOutlet.lukewarm': 'Lukewarm',
    'form.felt-by-hand.heaterOutlet.hot': 'Hot',
    'form.felt-by-hand.radiatorFace': 'Radiator',
    'form.felt-by-hand.radiatorFace.warm-all-over': 'Warm all over',
    'form.felt-by-hand.radiatorFace.cold-places': 'Cold places',
    'form.felt-by-hand.radiatorFace.cold': 'Cold',
    'form.felt-by-hand.lowerHoseRevved': 'Lower hose, revved',
    'form.felt-by-hand.lowerHoseRevved.round': 'Stays round',
    'form.felt-by-hand.lowerHoseRevved.drawn-flat': 'Collapses',
  },
  sentences: {
    'feltByHand.pass.noFigures': 'anything that a thermometer has to say',
    'feltByHand.allCold':
      'Cold all over: the thermostat may be shut, or nothing flows. Feel the hoses.',
    'feltByHand.engineNotKnown': 'Engine not known to be hot: a cold hose may be a cold engine.',
    'feltByHand.sideTaken':
      'Side of the thermostat not known: the upper hose is taken for the one it holds back.',
    'says.felt.hose': `${HOSE} ${FELT} by hand`,
    'says.felt.face.warm-all-over': 'Radiator warm all over by hand',
    'says.felt.face.cold-places': 'Cold places on the radiator by hand',
    'says.felt.face.cold': 'Radiator cold by hand',
    'says.felt.revved.round': 'Lower hose stays round when revved',
    'says.felt.revved.drawn-flat': 'Lower hose collapses when revved',
  },
}
