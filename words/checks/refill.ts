import type { CheckWords } from './check-words'

export const refill: CheckWords = {
  name: 'Refill',
  why: 'Full, and without air.',
  states: {
    'air-out': 'Full, and the air is out.',
    'air-not-shown-out': 'Full; not shown that the air is out.',
  },
  panel: {
    'form.refill.figure.fractionAfter': 'Glycol now',
    'form.refill.figure.residualShare': 'Old coolant left',
    'form.refill.method': 'Filled',
    'form.refill.method.gravity-with-bleeders': 'By gravity, bleeders open',
    'form.refill.method.run-and-top-up': 'Run and topped up',
    'form.refill.method.vacuum': 'By vacuum',
    'form.refill.amount': 'Went in',
    'form.refill.premixFraction': 'Glycol in what went in, 0 to 1',
    'form.refill.flushPasses': 'Flushed with water before',
    'form.refill.airOut': 'Air out',
    'form.refill.airOut.not-shown': 'Not shown',
    'form.refill.bleedersClear': 'Coolant without bubbles at every bleeder',
    'form.refill.vacuumHeld': 'The vacuum held before it was filled',
    'form.refill.heaterHot': 'Thermostat has opened, heater hot',
    'form.refill.levelSettled': 'Level, cold again after the first run',
    'form.refill.levelSettled.at-mark': 'At the mark',
    'form.refill.levelSettled.fell': 'Fell',
    'form.refill.complaintAfter': 'The complaint',
    'form.refill.complaintAfter.gone': 'Is gone',
    'form.refill.complaintAfter.still-there': 'Is still there',
  },
  sentences: {
    'says.refill.gone': 'Complaint gone once it was full and the air out',
    'says.refill.still-there': 'Complaint still there with the system full and the air out',
    'refill.proof.failed':
      'Its own proof failed: it is not full, or air is still in it. Bleed it again before anything is judged.',
    'refill.proof.gravity-with-bleeders':
      'Filled by gravity, the air is shown out by coolant without bubbles at every bleeder, and a level that stays.',
    'refill.proof.run-and-top-up':
      'Run and topped up, the air is shown out once the thermostat has opened, the heater is hot, and the level stays, cold again.',
    'refill.proof.vacuum':
      'Filled by vacuum, the air is shown out by a vacuum that held before, and a heater that is hot after.',
    'refill.thin':
      'What stayed in the block was water: about {percent} % glycol now. Add concentrate.',
  },
}
