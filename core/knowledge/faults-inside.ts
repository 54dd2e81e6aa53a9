import type { Effect, Fault } from './types'

const e = (sign: string, atLeast: Effect['atLeast'], because: string): Effect => ({ sign, atLeast, because })
const yes = (sign: string, level: NonNullable<Effect['atLeast']['yes']>, because: string) => e(sign, { yes: level }, because)

const lowAndLost: Effect[] = [
  e('level-cold', { low: 'often', empty: 'rarely' }, 'What goes out, by whatever way, is missing at the mark.'),
  e('loss-size', { moderate: 'even', heavy: 'seldom' }, 'From a cupful a month to a litre a day.'),
]
const capTested = { id: 'cap-good', text: 'Cap tested and good', anyOf: [['cap-good']] } as const
const outsideDry = {
  id: 'outside-dry', text: 'Outside leaks excluded: tray dry, and hoses, radiator, tank and pump dry under pressure',
  anyOf: [['tray-dry', 'outside-dry']],
} as const
const gasProven = {
  id: 'gas-proven', text: 'A valid positive of combustion gas, cranking rise, or leakage bubbles',
  anyOf: [['gas-positive'], ['cranking-rise'], ['leakage-bubbles']],
} as const
const hotProof = 'The same checks again after the repair: hold tight, no gas, level unchanged after 1, 3 and 7 days.'

export const INSIDE_FAULTS: readonly Fault[] = [
  {
    id: 'heater-core-leak', name: 'Heater core leaking', what: 'The cabin heater leaks into the heater box.', part: 'heater-core', group: 'leak',
    prior: { 'coolant-loss': 'fairlyCommon', overheats: 'veryRare', 'no-heat': 'rare' }, priorBecause: 'Common on old vehicles, hidden from view.',
    effects: [
      ...lowAndLost,
      e('hold-cold', { seep: 'mostly', leak: 'sometimes', gross: 'almostNever' }, 'It falls, and the tray stays dry.'),
      yes('carpet-wet', 'mostly', 'Coolant runs into the foot well and fogs the screen.'),
      e('wet:heater-core', { stained: 'mostly', wet: 'often' }, 'Seen at the drain of the heater box or on the carpet.'),
      yes('issuing:heater-core', 'even', 'Seen at the drain of the heater box or on the carpet.'),
    ],
    guards: [{ id: 'carpet-or-isolated', text: 'Carpet wet with coolant, or core isolated and the hold passes', anyOf: [['seen-issuing:heater-core'], ['dried-and-wet-again:heater-core'], ['core-isolated-passes']] }],
    links: [], proof: 'Hold tight with the core in the loop; carpet dry after a week.',
  },
  {
    id: 'cap-weak', name: 'Cap: weak or leaking', what: 'The cap opens early or does not hold.', part: 'cap', group: 'leak',
    prior: { 'coolant-loss': 'common', overheats: 'uncommon', 'no-heat': 'exceptional' }, priorBecause: 'A spring and a seal in steam.',
    effects: [
      ...lowAndLost,
      yes('cap-opens-early', 'often', 'A tired spring opens early.'),
      yes('cap-will-not-hold', 'mostly', 'A worn seat does not hold after it has opened.'),
      yes('cap-seal-damaged', 'even', 'Often the seal shows it.'),
      yes('pushed-out-hot', 'often', 'It boils over with a tight system.'),
      e('wet:cap', { stained: 'mostly', wet: 'sometimes' }, 'Steam leaves crust about the neck.'),
      yes('issuing:cap', 'seldom', 'Seen only hot, from a distance.'),
      yes('hot-at-load', 'seldom', 'The boiling margin is gone first on a climb.'),
    ],
    guards: [{ id: 'cap-adapter', text: 'Cap tested on its adapter and found weak', anyOf: [['cap-bad']] }],
    links: [{ to: 'trapped-air', level: 'seldom', because: 'What boils over comes back as air.' }],
    proof: 'New cap tested on the adapter before fitting; level unchanged after a week.',
  },
  {
    id: 'cap-vacuum-stuck', name: 'Cap: vacuum valve stuck', what: 'The cap does not let coolant back as the system cools.', part: 'cap', group: 'leak',
    prior: { 'coolant-loss': 'rare', overheats: 'veryRare', 'no-heat': 'exceptional' }, priorBecause: 'Deposits glue the small valve.',
    effects: [...lowAndLost, yes('cap-vacuum-stuck', 'mostly', 'The adapter shows it.')],
    guards: [{ id: 'cap-adapter', text: 'Vacuum valve tested and stuck', anyOf: [['cap-vacuum-stuck']] }],
    links: [], proof: 'New cap; hose stays round when cold.',
  },
  {
    id: 'cap-wrong', name: 'Wrong cap for the place', what: 'Rating or type of the cap is not what this place asks for.', part: 'cap', group: 'leak',
    prior: { 'coolant-loss': 'uncommon', overheats: 'rare', 'no-heat': 'exceptional' }, priorBecause: 'Caps fit where they do not belong.',
    effects: [
      ...lowAndLost,
      yes('cap-wrong', 'nearlyAlways', 'Marking against the specification shows it.'),
      yes('pushed-out-hot', 'often', 'A low cap boils over with a tight system.'),
      yes('cap-opens-early', 'rarely', 'It opens at its own marking, which is the wrong one.'),
      yes('hoses-hard-early', 'rarely', 'A cap that is too strong makes hard hoses.'),
    ],
    guards: [{ id: 'marking-against-spec', text: 'Marking read and compared with the specification of the place', anyOf: [['cap-wrong']] }],
    links: [{ to: 'expansion-tank-leak', level: 'seldom', because: 'A cap that is too strong overpressures the tank.' }],
    proof: 'Right cap fitted; level unchanged after a week.',
  },
  {
    id: 'gasket-to-cylinder', name: 'Head gasket: coolant to cylinder', what: 'Coolant enters a cylinder past the gasket.', part: 'engine', group: 'leak',
    prior: { 'coolant-loss': 'fairlyCommon', overheats: 'uncommon', 'no-heat': 'veryRare' }, priorBecause: 'The feared one; less common than its name.',
    effects: [
      ...lowAndLost,
      e('hold-cold', { seep: 'often', leak: 'seldom', gross: 'almostNever' }, 'Drops slowly with a dry tray; a breach can seal cold.'),
      yes('cylinder-wet', 'often', 'After a hold the cylinder is wet.'),
      yes('white-exhaust', 'mostly', 'The coolant leaves as white, sweet steam.'),
      yes('cold-misfire', 'often', 'A wet plug misfires until it dries.'),
      e('residual-pressure', { some: 'sometimes', strong: 'seldom' }, 'The way in is often a way out for gas.'),
      yes('pushed-out-hot', 'seldom', 'Some pass gas as well.'),
    ],
    guards: [outsideDry, capTested, { id: 'cylinder-shown', text: 'Endoscope wet, leakage bubbles, or hold loss with the tray dry and a cylinder wet', anyOf: [['cylinder-wet', 'tray-dry', 'hold-falls'], ['endoscope-wet'], ['leakage-bubbles']] }],
    links: [], proof: hotProof,
  },
  {
    id: 'gasket-gas-to-coolant', name: 'Head gasket: gas to coolant', what: 'Combustion gas is pressed into the coolant.', part: 'engine', group: 'leak',
    prior: { 'coolant-loss': 'fairlyCommon', overheats: 'fairlyCommon', 'no-heat': 'veryRare' }, priorBecause: 'After overheating, or by age.',
    effects: [
      ...lowAndLost,
      e('hold-cold', { seep: 'seldom', leak: 'almostNever' }, 'Most stay tight against a cold pressure.'),
      e('residual-pressure', { some: 'mostly', strong: 'often' }, 'Gas made while running stays in overnight.'),
      yes('pushed-out-hot', 'mostly', 'Gas pushes coolant out when hot.'),
      yes('hoses-hard-early', 'mostly', 'Pressure comes before the warmth.'),
      yes('hot-at-load', 'often', 'Load opens the breach.'),
      yes('heater-cold', 'sometimes', 'Bubbles gather in the heater.'),
    ],
    guards: [{ id: 'bled', text: 'A recent refill bled, or none', anyOf: [['no-recent-drain'], ['bled']] }, gasProven],
    links: [
      { to: 'expansion-tank-leak', level: 'seldom', because: 'Gas overpressures tank and hoses.' },
      { to: 'trapped-air', level: 'even', because: 'The gas is the air.' },
    ],
    proof: hotProof,
  },
  {
    id: 'gasket-to-oil', name: 'Head gasket: coolant and oil mix', what: 'Coolant and oil meet past the gasket.', part: 'engine', group: 'leak',
    prior: { 'coolant-loss': 'rare', overheats: 'rare', 'no-heat': 'exceptional' }, priorBecause: 'Rarer than froth under the filler suggests.',
    effects: [
      ...lowAndLost,
      e('hold-cold', { seep: 'even', leak: 'seldom' }, 'Falls slowly into the sump.'),
      yes('emulsion-in-oil', 'mostly', 'Coolant in the oil makes it milky.'),
      yes('oil-in-coolant', 'sometimes', 'Oil pressure is higher than coolant pressure while running.'),
    ],
    guards: [{ id: 'oil-cooler-excluded', text: 'Oil cooler excluded', anyOf: [['oil-cooler-excluded']] }], links: [], proof: hotProof,
  },
  {
    id: 'head-cracked', name: 'Cracked head', what: 'The cylinder head is cracked into a coolant passage.', part: 'engine', group: 'leak',
    prior: { 'coolant-loss': 'rare', overheats: 'rare', 'no-heat': 'exceptional' }, priorBecause: 'After severe overheating.',
    effects: [
      ...lowAndLost,
      e('hold-cold', { seep: 'even', leak: 'seldom', gross: 'almostNever' }, 'Some cracks open only hot.'),
      yes('cylinder-wet', 'sometimes', 'Where the crack enters a chamber.'),
      yes('white-exhaust', 'often', 'As the gasket.'),
      e('residual-pressure', { some: 'often', strong: 'even' }, 'As the gasket.'),
      yes('hoses-hard-early', 'often', 'As the gasket.'),
      yes('pushed-out-hot', 'often', 'As the gasket.'),
      yes('hot-soon', 'sometimes', 'A large crack overheats fast.'),
    ],
    guards: [{ id: 'head-tested', text: 'Head off and tested', anyOf: [['head-tested']] }], links: [], proof: hotProof,
  },
  {
    id: 'oil-cooler-internal', name: 'Oil cooler: internal', what: 'Oil and coolant meet inside the oil cooler.', part: 'oil-cooler', group: 'leak', needs: { oilCooler: [true] },
    prior: { 'coolant-loss': 'rare', overheats: 'veryRare', 'no-heat': 'exceptional' }, priorBecause: 'Where one is fitted it is the first thing to exclude.',
    effects: [
      e('loss-size', { moderate: 'seldom' }, 'Little is lost; oil comes in instead.'),
      yes('oil-in-coolant', 'nearlyAlways', 'Oil in the coolant with no gas.'),
      e('hold-cold', { seep: 'sometimes', leak: 'rarely' }, 'Pressed coolant goes into the oil side slowly.'),
      yes('emulsion-in-oil', 'seldom', 'Standing, coolant finds its way back.'),
    ],
    guards: [{ id: 'cooler-tested', text: 'Cooler pressure-tested and the fluid checked', anyOf: [['cooler-tested']] }], links: [], proof: 'Cooler replaced, system flushed, no new oil after a week.',
  },
  {
    id: 'egr-cooler-internal', name: 'EGR cooler: internal', what: 'Coolant is burnt through a leak in the EGR cooler.', part: 'egr-cooler', group: 'leak', needs: { egrCooler: [true] },
    prior: { 'coolant-loss': 'uncommon', overheats: 'veryRare', 'no-heat': 'exceptional' }, priorBecause: 'Known on diesels that work hard.',
    effects: [
      ...lowAndLost,
      e('hold-cold', { seep: 'often', leak: 'seldom' }, 'Falls slowly with a dry tray.'),
      yes('white-exhaust', 'mostly', 'Coolant goes out with the exhaust.'),
      e('wet:egr-cooler', { stained: 'sometimes', wet: 'seldom' }, 'Seen at the exhaust side when a pipe is off.'),
    ],
    guards: [{ id: 'cooler-tested', text: 'EGR cooler isolated and pressure-tested', anyOf: [['egr-cooler-tested']] }], links: [], proof: hotProof,
  },
]
