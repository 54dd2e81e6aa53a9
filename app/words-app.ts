import type { Complaint } from '../core/casefile/complaint'
import type { HoldState } from '../core/checks/pressure-hold/analysis'
import type { CheckId } from '../words/check-names'

export { CHECK_NAMES, checkName, type CheckId } from '../words/check-names'

/** Words of the screens that core does not say. */
export const COMPLAINT_NAMES: Readonly<Record<Complaint, string>> = {
  'coolant-loss': 'Loses coolant',
  overheats: 'Overheats',
  'no-heat': 'No heat',
}

export const HOLD_STATE_NAMES: Readonly<Record<HoldState, string>> = {
  'no-reading': 'No reading yet.',
  settling: 'Settling.',
  undecided: 'Not decided.',
  tight: 'Tight.',
  seep: 'Seep.',
  leak: 'Leak.',
  gross: 'Gross leak.',
}

/** Cold checks in the order of the work, the first to be done at the foot of the rail. */
export const COLD_ORDER: readonly CheckId[] = [
  'cooler-test',
  'cylinder-leakage',
  'endoscope',
  'cranking-rise',
  'vacuum-decay',
  'fan-circuit',
  'cold-soak',
  'belt-and-pump',
  'fan-by-hand',
  'leak-trace',
  'pressure-hold',
  'clean-and-dry',
  'tester-self-check',
  'cap',
  'mix',
  'look-round',
  'level-and-condition',
  'interview',
]

/** Checks that are always offered; the others come with the plan, or when asked for. */
export const USUAL_CHECKS: Readonly<Record<Complaint, readonly CheckId[]>> = {
  'coolant-loss': [
    'interview',
    'level-and-condition',
    'look-round',
    'cap',
    'tester-self-check',
    'clean-and-dry',
    'pressure-hold',
    'leak-trace',
  ],
  overheats: ['interview', 'level-and-condition', 'look-round', 'cap', 'mix', 'pressure-hold'],
  'no-heat': ['interview', 'level-and-condition', 'look-round', 'mix'],
}

/** Cautions of the start card, acknowledged once per case. */
export const START_CAUTIONS: readonly { id: string; text: string }[] = [
  {
    id: 'never-open-hot',
    text: 'Never open a hot or pressurised system. Cold means measured under 40 °C and no pressure: often an hour or more.',
  },
  {
    id: 'fans-start',
    text: 'Electric fans start by themselves, key off too. Fans, belts and pulleys take fingers and sleeves.',
  },
  {
    id: 'marked-pressure',
    text: 'Do not pass the marked pressure. Face away. Release pressure before removing the tester.',
  },
  {
    id: 'poison',
    text: 'Coolant is poisonous and sweet to animals: catch it, wipe it up, dispose of it by local rules.',
  },
  { id: 'stands', text: 'Vehicle on stands, wheels chocked, exhaust vented.' },
  {
    id: 'full-cylinder',
    text: 'After a hold with unexplained loss: plugs out and turn the engine by hand before any cranking.',
  },
  {
    id: 'high-voltage',
    text: 'High-voltage vehicle: qualified people only, by the maker’s procedure.',
  },
]
