import { at, brings, cost, fault, guard, leadsTo, priors, yes } from './fault-builder'
import type { Level } from './levels'
import type { AtLeast, Effect, Fault } from './types'

const lost = [
  at('loss-size', { moderate: 'even', heavy: 'seldom' }, 'From a cupful a month to a litre a day.'),
  yes('level-falls-after', 'mostly', 'What is lost goes on being lost.'),
]
const goesDown = [brings('level-low', 'often', 'What goes out, by whatever way, is missing.')]
const capTested = guard('cap-good', 'Cap tested and good')
const outsideDry = guard('outside-dry', 'Outside leaks excluded: tray dry, and hoses, radiator, tank and pump dry under pressure', 'tray-dry + outside-dry')
const gasProven = guard('gas-proven', 'A valid positive of combustion gas, cranking rise, or leakage bubbles', 'gas-positive', 'cranking-rise', 'leakage-bubbles')
const bled = guard('bled', 'A recent refill bled, or none', 'no-recent-drain', 'bled')
const hotProof = 'The same checks again after the repair: hold tight, no gas, level unchanged after 1, 3 and 7 days.'
const overheatedBefore = (level: Level) => yes('overheated-before', level, 'Severe heat is what warps and cracks.')

/** What combustion gas in the coolant shows, from how freely it comes. */
function gas(some: Level, strong: Level, because: string): Effect[] {
  return [
    at('residual-pressure', { some, strong }, 'Gas made while running stays in overnight.'),
    yes('gas-in-coolant', some, because),
    yes('pushed-out-hot', some, 'Gas pushes coolant out when hot.'),
    yes('hoses-hard-early', some, 'Pressure comes before the warmth.'),
    yes('pressure-early', some, 'Pressure comes before the warmth.'),
    at('creep', { settles: some, climbs: strong }, 'Gas pushes the level up and keeps on.'),
    yes('bubbling', some, 'Bubbles that do not end.'),
    yes('heat-in-bursts', 'seldom', 'Bubbles gather in the heater.'),
    yes('wanders', 'seldom', 'Bubbles pass the sensor.'),
    yes('hot-at-load', 'even', 'Load opens the breach.'),
  ]
}

const slowInside: AtLeast = { seep: 'even', leak: 'seldom', gross: 'almostNever' }

export const INSIDE_FAULTS: readonly Fault[] = [
  fault({
    id: 'cap-weak', name: 'Cap: weak or leaking', what: 'The cap opens early or does not hold.', part: 'cap', group: 'leak',
    prior: priors('common', 'uncommon', 'exceptional'), priorBecause: 'A spring and a seal in steam.',
    effects: [
      ...lost, yes('cap-opens-early', 'often', 'A tired spring opens early.'), yes('cap-will-not-hold', 'mostly', 'A worn seat does not hold after it has opened.'),
      yes('cap-seal-damaged', 'even', 'Often the seal shows it.'), yes('pushed-out-hot', 'often', 'It boils over with a tight system.'),
      at('wet:cap', { stained: 'mostly', wet: 'sometimes' }, 'Steam leaves crust about the neck.'), yes('issuing:cap', 'seldom', 'Seen only hot, from a distance.'),
    ],
    causes: [...goesDown, brings('pressure-lost', 'nearlyAlways', 'That is what it is.')],
    guards: [guard('cap-adapter', 'Cap tested on its adapter and found weak', 'cap-bad')], links: [leadsTo('trapped-air', 'seldom', 'What boils over comes back as air.'), leadsTo('low-coolant', 'often', 'What boils over is missing.')],
    cost: cost(0.3, 5), disturbs: [], proof: 'New cap tested on the adapter before fitting; level unchanged after a week.',
  }),
  fault({
    id: 'cap-vacuum-stuck', name: 'Cap: vacuum valve stuck', what: 'The cap does not let coolant or air back as the system cools.', part: 'cap', group: 'leak',
    prior: priors('rare', 'veryRare', 'exceptional'), priorBecause: 'Deposits glue the small valve.',
    effects: [...lost, yes('cap-vacuum-stuck', 'mostly', 'The adapter shows it.'), yes('hose-flat-cold', 'often', 'The upper hose is drawn flat overnight.')], causes: [brings('level-low', 'sometimes', 'The radiator does not draw back from the bottle.')],
    guards: [guard('cap-adapter', 'Vacuum valve tested and stuck', 'cap-vacuum-stuck')], cost: cost(0.3, 5), disturbs: [], proof: 'New cap; hose stays round when cold.',
  }),
  fault({
    id: 'cap-wrong', name: 'Wrong cap for the place', what: 'Rating or type of the cap is not what this place asks for.', part: 'cap', group: 'leak',
    prior: priors('uncommon', 'rare', 'exceptional'), priorBecause: 'Caps fit where they do not belong.',
    effects: [
      ...lost, yes('cap-wrong', 'nearlyAlways', 'Marking against the specification shows it.'), yes('pushed-out-hot', 'often', 'A low cap boils over with a tight system.'),
      yes('cap-opens-early', 'rarely', 'It opens at its own marking, which is the wrong one.'), yes('cap-opens-late', 'seldom', 'A stiff spring opens late.'), yes('hoses-hard-early', 'rarely', 'A cap that is too strong makes hard hoses.'),
    ],
    causes: [...goesDown, brings('pressure-lost', 'even', 'A low or a vented cap does not hold what the place asks for.')],
    guards: [guard('marking-against-spec', 'Marking read and compared with the specification of the place', 'cap-wrong')], links: [leadsTo('expansion-tank-leak', 'seldom', 'A cap that is too strong overpressures the tank.'), leadsTo('low-coolant', 'often', 'What boils over is missing.')],
    cost: cost(0.3, 5), disturbs: [], proof: 'Right cap fitted; level unchanged after a week.',
  }),
  fault({
    id: 'gasket-to-cylinder', name: 'Head gasket: coolant to cylinder', what: 'Coolant enters a cylinder past the gasket.', part: 'engine', group: 'leak',
    prior: priors('fairlyCommon', 'rare', 'exceptional'), priorBecause: 'The feared one; less common than its name.',
    effects: [
      ...lost, at('hold-cold', { seep: 'often', leak: 'seldom', gross: 'almostNever' }, 'Drops slowly with a dry tray; a breach can seal cold.'), at('hold-hot', { seep: 'often', leak: 'seldom' }, 'Some open only hot.'),
      yes('vacuum-falls', 'sometimes', 'Through an open valve it draws air.'), yes('cylinder-wet', 'often', 'After a hold the cylinder is wet.'), yes('white-exhaust', 'mostly', 'The coolant leaves as white, sweet steam.'),
      yes('cold-misfire', 'often', 'A wet plug misfires until it dries.'), yes('cranking-rise', 'even', 'The way in is often a way out for gas.'), yes('leakage-bubbles', 'often', 'Air put in comes out at the neck.'),
      at('residual-pressure', { some: 'sometimes', strong: 'seldom' }, 'The way in is often a way out for gas.'), yes('gas-in-coolant', 'sometimes', 'Some pass gas as well.'), yes('pushed-out-hot', 'seldom', 'Some pass gas as well.'),
      yes('gasket-trace', 'nearlyAlways', 'Apart, the gasket shows its path.'), yes('face-warped', 'even', 'Often the head is warped.'), overheatedBefore('sometimes'),
    ],
    causes: goesDown,
    guards: [outsideDry, capTested, guard('cylinder-shown', 'Endoscope wet, leakage bubbles, or hold loss with the tray dry and a cylinder wet', 'cylinder-wet + tray-dry + hold-falls', 'endoscope-wet', 'leakage-bubbles')],
    links: [leadsTo('low-coolant', 'often', 'What is burnt is missing.')], cost: cost(5, 600), proof: hotProof,
  }),
  fault({
    id: 'gasket-gas-to-coolant', name: 'Head gasket: gas to coolant', what: 'Combustion gas is pressed into the coolant.', part: 'engine', group: 'leak',
    prior: priors('fairlyCommon', 'fairlyCommon', 'veryRare'), priorBecause: 'After overheating, or by age.',
    effects: [
      ...lost, ...gas('mostly', 'often', 'It is the gas that is looked for.'), at('hold-cold', { seep: 'seldom', leak: 'almostNever' }, 'Most stay tight against a cold pressure.'), at('hold-hot', { seep: 'sometimes', leak: 'almostNever' }, 'Some let coolant the other way when hot.'),
      yes('cranking-rise', 'often', 'Compression finds the same way.'), yes('leakage-bubbles', 'often', 'Air put in comes out at the neck.'), yes('gasket-trace', 'nearlyAlways', 'Apart, the gasket shows its path.'), yes('face-warped', 'even', 'Often the head is warped.'), overheatedBefore('even'),
    ],
    causes: [...goesDown, brings('air-inside', 'often', 'The gas is the air.')],
    guards: [bled, gasProven], links: [leadsTo('expansion-tank-leak', 'seldom', 'Gas overpressures tank and hoses.'), leadsTo('trapped-air', 'even', 'The gas is the air.'), leadsTo('low-coolant', 'often', 'What is pushed out is missing.')],
    cost: cost(5, 600), proof: hotProof,
  }),
  fault({
    id: 'gasket-to-oil', name: 'Head gasket: coolant and oil mix', what: 'Coolant and oil meet past the gasket.', part: 'engine', group: 'leak',
    prior: priors('rare', 'veryRare', 'exceptional'), priorBecause: 'Rarer than froth under the filler suggests.',
    effects: [
      ...lost, at('hold-cold', { seep: 'even', leak: 'seldom' }, 'Falls slowly into the sump.'), at('hold-hot', { seep: 'even', leak: 'seldom' }, 'Falls slowly into the sump.'),
      yes('emulsion-in-oil', 'mostly', 'Coolant in the oil makes it milky.'), yes('oil-in-coolant', 'sometimes', 'Oil pressure is higher than coolant pressure while running.'), yes('gasket-trace', 'often', 'Apart, the gasket shows its path.'), overheatedBefore('sometimes'),
    ],
    causes: goesDown, guards: [guard('oil-cooler-excluded', 'Oil cooler excluded')], cost: cost(5, 600), proof: hotProof,
  }),
  fault({
    id: 'head-cracked', name: 'Cracked head', what: 'The cylinder head is cracked into a coolant passage.', part: 'engine', group: 'leak',
    prior: priors('rare', 'rare', 'exceptional'), priorBecause: 'After severe overheating.',
    effects: [
      ...lost, ...gas('often', 'even', 'As the gasket.'), at('hold-cold', slowInside, 'Some cracks open only hot.'), at('hold-hot', { seep: 'often', leak: 'seldom' }, 'Heat opens cracks.'), yes('cylinder-wet', 'sometimes', 'Where the crack enters a chamber.'),
      yes('white-exhaust', 'even', 'As the gasket.'), yes('cold-misfire', 'sometimes', 'As the gasket.'), yes('cranking-rise', 'even', 'As the gasket.'), yes('leakage-bubbles', 'even', 'As the gasket.'), yes('hot-soon', 'seldom', 'A large crack overheats fast.'),
      yes('head-crack', 'nearlyAlways', 'Off and pressed, the crack shows.'), yes('gasket-done-before', 'even', 'It returns after a gasket job.'), overheatedBefore('mostly'), yes('emulsion-in-oil', 'seldom', 'Some cracks end in an oil way.'),
    ],
    causes: [...goesDown, brings('air-inside', 'sometimes', 'The gas is the air.')], guards: [guard('head-tested', 'Head off and tested')], links: [leadsTo('trapped-air', 'sometimes', 'The gas is the air.')], cost: cost(12, 720), proof: hotProof,
  }),
  fault({
    id: 'block-cracked', name: 'Cracked block or liner', what: 'Block or liner is cracked into a coolant passage.', part: 'engine', group: 'leak',
    prior: priors('veryRare', 'veryRare', 'exceptional'), priorBecause: 'Frost, or severe overheating.',
    effects: [
      ...lost, ...gas('sometimes', 'seldom', 'As the gasket.'), at('hold-cold', slowInside, 'Coolant goes to the cylinder or the sump.'), at('hold-hot', slowInside, 'Coolant goes to the cylinder or the sump.'), yes('cylinder-wet', 'even', 'Where the crack enters a bore.'),
      yes('white-exhaust', 'even', 'As the gasket.'), yes('cranking-rise', 'sometimes', 'As the gasket.'), yes('leakage-bubbles', 'sometimes', 'As the gasket.'), yes('block-crack', 'nearlyAlways', 'Apart, it is found.'),
      yes('gasket-done-before', 'even', 'It returns after a gasket job.'), yes('emulsion-in-oil', 'even', 'Most cracks end in the sump too.'), overheatedBefore('often'), yes('mix-off', 'even', 'Thin mix froze.'),
    ],
    causes: goesDown, guards: [guard('block-tested', 'Head off, block and liners tested')], cost: cost(30, 1800), proof: hotProof,
  }),
  fault({
    id: 'oil-cooler-internal', name: 'Oil cooler: internal', what: 'Oil and coolant meet inside the oil cooler.', part: 'oil-cooler', group: 'leak', needs: { oilCooler: [true] },
    prior: priors('rare', 'exceptional', 'exceptional'), priorBecause: 'Where one is fitted it is the first thing to exclude.',
    effects: [
      at('loss-size', { moderate: 'seldom' }, 'Little is lost; oil comes in instead.'), yes('oil-in-coolant', 'nearlyAlways', 'Oil in the coolant with no gas.'), at('hold-cold', { seep: 'sometimes', leak: 'rarely' }, 'Pressed coolant goes into the oil side slowly.'),
      yes('emulsion-in-oil', 'seldom', 'Standing, coolant finds its way back.'), yes('oil-cooler-fails', 'nearlyAlways', 'Pressed alone it shows.'),
    ],
    guards: [guard('cooler-tested', 'Cooler pressure-tested and the fluid checked', 'oil-cooler-fails')], cost: cost(2, 150), proof: 'Cooler replaced, system flushed, no new oil after a week.',
  }),
  fault({
    id: 'gearbox-cooler-internal', name: 'Gearbox cooler: internal', what: 'Gearbox fluid and coolant meet inside the cooler in the radiator.', part: 'radiator', group: 'leak', needs: { transmissionCooler: [true] },
    prior: priors('rare', 'exceptional', 'exceptional'), priorBecause: 'Rare, and it ruins the gearbox.',
    effects: [
      at('loss-size', { moderate: 'seldom' }, 'Little is lost.'), yes('pink-froth', 'nearlyAlways', 'Fluid and coolant froth pink.'), yes('oil-in-coolant', 'even', 'Taken for engine oil.'), at('hold-cold', { seep: 'sometimes', leak: 'rarely' }, 'Pressed coolant goes into the fluid slowly.'), yes('gearbox-cooler-fails', 'nearlyAlways', 'Pressed alone it shows.'),
    ],
    guards: [guard('cooler-tested', 'Cooler pressure-tested and the gearbox fluid checked', 'gearbox-cooler-fails')], cost: cost(5, 180), proof: 'Radiator replaced, gearbox flushed, fluid clean after a week.',
  }),
  fault({
    id: 'egr-cooler-internal', name: 'EGR cooler: internal', what: 'Coolant is burnt through a leak in the EGR cooler.', part: 'egr-cooler', group: 'leak', needs: { egrCooler: [true] },
    prior: priors('uncommon', 'veryRare', 'exceptional'), priorBecause: 'Known on diesels that work hard.',
    effects: [
      ...lost, at('hold-cold', { seep: 'often', leak: 'seldom' }, 'Falls slowly with a dry tray.'), at('hold-hot', { seep: 'often', leak: 'seldom' }, 'Heat opens its cracks.'), yes('white-exhaust', 'mostly', 'Coolant goes out with the exhaust.'),
      at('wet:egr-cooler', { stained: 'sometimes', wet: 'seldom' }, 'Seen at the exhaust side when a pipe is off.'), yes('issuing:egr-cooler', 'seldom', 'Seen at the exhaust side when a pipe is off.'), yes('egr-cooler-fails', 'nearlyAlways', 'Pressed alone it shows.'),
      yes('gas-in-coolant', 'seldom', 'Exhaust gas enters under boost.'),
    ],
    causes: goesDown, guards: [guard('cooler-tested', 'EGR cooler isolated and pressure-tested', 'egr-cooler-fails')], links: [leadsTo('low-coolant', 'often', 'What is burnt is missing.')], cost: cost(4, 180), proof: hotProof,
  }),
  fault({
    id: 'injector-sleeve-leak', name: 'Injector sleeve', what: 'Gas or coolant passes an injector sleeve.', part: 'engine', group: 'leak', needs: { heavyDiesel: [true] },
    prior: priors('rare', 'rare', 'exceptional'), priorBecause: 'Heavy diesels after injector work.',
    effects: [...lost, ...gas('often', 'sometimes', 'Gas passes the sleeve.'), at('hold-cold', slowInside, 'Coolant goes down the bore.'), yes('cylinder-wet', 'sometimes', 'It runs down the bore.'), yes('sleeve-leaks', 'mostly', 'With the injectors out it is seen.'), yes('leakage-bubbles', 'sometimes', 'Air put in comes out at the neck.')],
    causes: [...goesDown, brings('air-inside', 'sometimes', 'The gas is the air.')], guards: [guard('sleeve-isolated', 'Isolated one by one', 'sleeve-leaks')], cost: cost(1, 300), proof: hotProof,
  }),
  fault({
    id: 'liner-pinhole', name: 'Liner pinhole', what: 'A wet liner is holed by cavitation.', part: 'engine', group: 'leak', needs: { heavyDiesel: [true] },
    prior: priors('rare', 'veryRare', 'exceptional'), priorBecause: 'Wet liners with worn-out additives.',
    effects: [...lost, at('hold-cold', { seep: 'often', leak: 'seldom' }, 'Coolant goes to the sump.'), at('hold-hot', { seep: 'often', leak: 'seldom' }, 'Coolant goes to the sump.'), yes('emulsion-in-oil', 'often', 'It ends in the oil.'), yes('sump-drip', 'mostly', 'With the sump off and pressure on it drips.'), yes('block-crack', 'often', 'Apart, the liner shows the hole.'), yes('gas-in-coolant', 'seldom', 'Under load some gas passes.'), at('coolant-dirt', { brown: 'even' }, 'Coolant without additive.')],
    causes: goesDown, guards: [guard('liner-isolated', 'Isolated one by one', 'sump-drip', 'block-tested')], cost: cost(8, 1500), proof: hotProof,
  }),
  fault({
    id: 'compressor-gasket', name: 'Air-compressor head gasket', what: 'The air compressor presses air into the coolant.', part: 'engine', group: 'leak', needs: { heavyDiesel: [true] },
    prior: priors('rare', 'rare', 'exceptional'), priorBecause: 'Where a compressor is cooled by the loop.',
    effects: [...lost, ...gas('mostly', 'sometimes', 'It is air, not gas.').filter((e) => e.sign !== 'gas-in-coolant'), yes('compressor-gas', 'nearlyAlways', 'Isolated, the bubbles stop; the gas test stays negative.')],
    causes: [brings('level-low', 'sometimes', 'What is pushed out is missing.'), brings('air-inside', 'often', 'The air it presses in.')], guards: [guard('compressor-isolated', 'Compressor isolated and the bubbles stop', 'compressor-gas')], links: [leadsTo('trapped-air', 'even', 'It is the air.')], cost: cost(3, 240), proof: hotProof,
  }),
]
