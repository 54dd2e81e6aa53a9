import type { CheckWords } from './check-words'

export const cap: CheckWords = {
  name: 'Cap on adapter',
  why: 'The hold does not test it.',
  states: {
    good: 'Good.',
    'opens-early': 'Opens early.',
    'opens-late': 'Opens late.',
    'will-not-hold': 'Will not hold.',
    'wrong-for-place': 'Not the one for this place.',
    'vacuum-stuck': 'Vacuum valve stuck.',
    'seal-damaged': 'Seal damaged.',
  },
  sentences: {
    'cap.pass.neck': 'the neck it seats on',
    'cap.pass.vacuumNotTested': 'the vacuum valve, which was not tried',
    'says.capOpens': 'Cap marked {marking} opens at {opening}',
    'says.capHolds': 'Cap holds {held} after a minute',
    'says.vacuum.free': 'Vacuum valve moves freely',
    'says.vacuum.stuck': 'Vacuum valve is stuck',
    'says.capWrong': 'Cap is not the one for this place',
    'says.capRight': 'Cap is right for this place',
    'says.capSeals.good': 'Seals of the cap look good',
    'says.capSeals.damaged': 'Seal of the cap is damaged',
  },
}
