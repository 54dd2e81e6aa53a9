import type { CheckWords } from './check-words'

export const pumpOff: CheckWords = {
  name: 'Pump taken off',
  why: 'The impeller, seen.',
  states: {
    'impeller-sound': 'Impeller is sound.',
    'impeller-not-looked-at': 'Impeller not looked at.',
    'impeller-loose-on-shaft': 'Impeller is loose on its shaft.',
    'impeller-worn': 'Impeller is worn.',
    'impeller-broken': 'Impeller is broken.',
    'seal-worn': 'Seal is worn.',
  },
  panel: {
    'form.pump-off.impeller': 'Impeller',
    'form.pump-off.impeller.sound': 'Sound',
    'form.pump-off.impeller.loose-on-shaft': 'Loose on the shaft',
    'form.pump-off.impeller.worn': 'Worn',
    'form.pump-off.impeller.broken': 'Broken',
    'form.pump-off.impeller.not-known': 'Not looked at',
    'form.pump-off.seal': 'Seal',
    'form.pump-off.seal.sound': 'Sound',
    'form.pump-off.seal.worn': 'Worn',
    'form.pump-off.shaftPlay': 'Shaft',
    'form.pump-off.shaftPlay.none': 'No play',
    'form.pump-off.shaftPlay.play': 'Play',
  },
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
