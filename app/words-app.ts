import type { Complaint } from '#core'

/** Words of the screens that core does not say. */
export const COMPLAINT_NAMES: Readonly<Record<Complaint, string>> = {
  'coolant-loss': 'Loses coolant',
  overheats: 'Overheats',
  'no-heat': 'No heat',
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
