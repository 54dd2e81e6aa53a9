import type { CheckWords } from './check-words'

export const pumpOff: CheckWords = {
  name: 'Pump taken off',
  why: 'The impeller, seen.',
  sentences: {
    'pumpOff.pass.hotSlip': 'an impeller that slips only hot',
    'says.impeller.sound': 'Impeller sound',
    'says.impeller.loose-on-shaft': 'Impeller loose on its shaft',
    'says.impeller.worn': 'Impeller worn',
    'says.impeller.broken': 'Impeller broken',
    'says.pumpSeal.sound': 'Pump seal sound',
    'says.pumpSeal.worn': 'Pump seal worn',
    'says.shaft.none': 'No play in the pump shaft',
    'says.shaft.play': 'Play in the pump shaft',
  },
}
