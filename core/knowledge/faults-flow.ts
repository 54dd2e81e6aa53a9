import { at, brings, cost, fault, guard, leadsTo, priors, yes } from './fault-builder'
import type { Level } from './levels'
import type { Fault } from './types'

const levelAndAir = guard('level-full-air-out', 'Level full and air out')
const secondSource = guard('engine-temperature-second-source', 'Engine temperature confirmed by a second source')
const benchOrRun = guard('thermostat-bench-or-run', 'Shown on the bench or in a warm-up run')
const engineHotLevelFull = guard('engine-hot-level-full', 'Engine hot, level full', 'engine-hot + level-full')
const overheating = leadsTo('gasket-gas-to-coolant', 'rarely', 'Severe overheating warps heads.')
const loadProof = 'Load run covering the complaint, temperature steady.'
const heatProof = 'Vents warm left and right at idle and at 2000 rpm.'
const POOR = (level: Level, because: string) => brings('flow-poor', level, because)

/** A radiator or passage that lets too little through. */
const restricted = [
  yes('hot-at-load', 'nearlyAlways', 'Load asks for all of it.'),
  yes('hot-at-idle', 'seldom', 'Standing it is enough, mostly.'),
  yes('hot-with-ac', 'sometimes', 'Heat takes what margin is left.'),
  yes('slow-over-months', 'often', 'Deposits grow slowly.'),
]

export const FLOW_FAULTS: readonly Fault[] = [
  fault({
    id: 'thermostat-stuck-closed', name: 'Thermostat stuck closed', what: 'No flow to the radiator.', part: 'thermostat', group: 'flow', excludes: 'thermostat',
    prior: priors('exceptional', 'common', 'exceptional'), priorBecause: 'A moderate suspect: neither rare nor the rule.',
    effects: [
      yes('hot-soon', 'mostly', 'The engine boils in its own small circuit.'), yes('hot-at-load', 'mostly', 'No radiator, no margin.'), yes('hot-at-idle', 'often', 'Hot everywhere.'), yes('pushed-out-hot', 'even', 'It boils.'),
      at('opening-late', { late: 'nearlyAlways', never: 'mostly' }, 'The radiator-side hose stays cold.'), yes('radiator-cold', 'nearlyAlways', 'Nothing arrives.'), at('bath-late', { late: 'nearlyAlways', shut: 'mostly' }, 'In water it stays shut.'), yes('pressure-early', 'rarely', 'It heats fast.'),
    ],
    guards: [levelAndAir, secondSource, benchOrRun], links: [overheating], cost: cost(0.8, 60), proof: 'Warm-up run with the opening at its rating.',
  }),
  fault({
    id: 'thermostat-opens-late', name: 'Thermostat opens late or lifts too little', what: 'It opens too hot, or not far enough.', part: 'thermostat', group: 'flow', excludes: 'thermostat',
    prior: priors('exceptional', 'fairlyCommon', 'exceptional'), priorBecause: 'Wax and guides age.',
    effects: [
      yes('overshoot', 'mostly', 'Overshoot, then a sudden drop.'), at('opening-late', { late: 'mostly', never: 'rarely' }, 'It is late in the run.'), yes('hot-at-load', 'often', 'Too little lift for full load.'), yes('hot-at-idle', 'rarely', 'Standing it opens in the end.'),
      at('bath-late', { late: 'mostly', shut: 'rarely' }, 'In water it is late.'), yes('bath-lift-low', 'even', 'Or it lifts too little.'), yes('wanders', 'sometimes', 'It sticks and jumps.'), yes('radiator-drop-large', 'seldom', 'Little flow cools far.'),
    ],
    guards: [levelAndAir, secondSource, guard('thermostat-bench', 'Shown in the bath, or in a repeated run', 'thermostat-bath-late', 'thermostat-run-repeated')], cost: cost(0.8, 60), proof: 'Warm-up run with the opening at its rating, no overshoot.',
  }),
  fault({
    id: 'thermostat-stuck-open', name: 'Thermostat stuck open or missing', what: 'Coolant always runs through the radiator.', part: 'thermostat', group: 'flow', excludes: 'thermostat',
    prior: priors('exceptional', 'exceptional', 'everyFourth'), priorBecause: 'The first cause of an engine that stays cold.',
    effects: [at('opening-early', { early: 'nearlyAlways', 'from-start': 'mostly' }, 'Warm from the start on the radiator side.'), at('bath-early', { early: 'mostly', open: 'mostly' }, 'On the bench it stands open.'), yes('thermostat-missing', 'seldom', 'Some were thrown away.'), yes('heater-weak-idle', 'rarely', 'Idle gives little heat.')],
    causes: [brings('engine-cool', 'nearlyAlways', 'It never reaches its rating on the road.')], guards: [secondSource, benchOrRun], cost: cost(0.8, 60), proof: 'Warm-up run reaches its rating and stays.',
  }),
  fault({
    id: 'thermostat-wrong-rating', name: 'Thermostat of the wrong rating', what: 'It works, at another temperature than this engine wants.', part: 'thermostat', group: 'flow', excludes: 'thermostat',
    prior: priors('exceptional', 'rare', 'uncommon'), priorBecause: 'Fitted by somebody who meant well.',
    effects: [
      yes('rating-wrong', 'nearlyAlways', 'The stamp, or the bath, says so.'), at('opening-early', { early: 'even' }, 'A cooler one opens early.'), yes('plateau-low', 'even', 'It settles at its own rating.'), at('opening-late', { late: 'sometimes' }, 'A hotter one opens late.'), yes('recent-drain', 'often', 'It came with work.'),
      yes('hot-at-load', 'seldom', 'A hotter one takes margin.'), yes('cooling-code', 'sometimes', 'The control misses its temperature.'),
    ],
    causes: [brings('engine-cool', 'sometimes', 'A cool one keeps it cool.')], guards: [secondSource, guard('rating-read', 'Rating read, or opening shown in the bath', 'thermostat-rating-wrong')], cost: cost(0.8, 60), proof: 'Warm-up run opens at the specified rating.',
  }),
  fault({
    id: 'pump-impeller-loose', name: 'Pump: impeller loose, worn or broken', what: 'The pump turns and moves little.', part: 'pump', group: 'flow',
    prior: priors('exceptional', 'fairlyCommon', 'fairlyCommon'), priorBecause: 'Plastic impellers crack; sheet ones rust.',
    effects: [yes('impeller-bad', 'nearlyAlways', 'Off the engine it is seen.'), yes('pulley-play', 'rarely', 'Now and then the shaft went too.'), yes('pump-still', 'rarely', 'The pulley turns; what is inside cannot be seen.')],
    causes: [POOR('nearlyAlways', 'That is what it is.')],
    guards: [guard('thermostat-shown-open', 'Thermostat shown open, or out', 'thermostat-opened', 'thermostat-out'), levelAndAir, guard('drive-turning', 'Drive seen turning')], links: [overheating], cost: cost(2, 150),
    disturbs: [{ fault: 'trapped-air', level: 'seldom', because: 'The block is drained for it.' }, { fault: 'pump-gasket-leak', level: 'rarely', because: 'A new joint can be badly made.' }], proof: 'Delivery and a load run covering the complaint.',
  }),
  fault({
    id: 'pump-drive-slipping', name: 'Pump drive: belt slipping', what: 'The belt slips on the pump pulley.', part: 'pump', group: 'flow', needs: { pumpDrive: ['accessory-belt', 'timing-belt'] }, excludes: 'pump-drive',
    prior: priors('exceptional', 'uncommon', 'rare'), priorBecause: 'A glazed belt or a weak tensioner.',
    effects: [yes('belt-squeal', 'often', 'Slip is heard.'), yes('belt-slips', 'nearlyAlways', 'Slip is seen and felt.'), yes('slow-over-months', 'seldom', 'It glazes slowly.')],
    causes: [POOR('often', 'Flow falls with slip.')], guards: [guard('drive-seen', 'Drive seen slipping or still')], cost: cost(0.6, 45), disturbs: [], proof: 'Drive seen turning; load run.',
  }),
  fault({
    id: 'electric-pump-dead', name: 'Electric pump dead', what: 'The electric coolant pump does not run, or not as commanded.', part: 'pump', group: 'flow', needs: { pumpDrive: ['electric'] }, excludes: 'pump-drive',
    prior: priors('exceptional', 'fairlyCommon', 'uncommon'), priorBecause: 'Electronics in heat and water.',
    effects: [yes('pump-command', 'nearlyAlways', 'Commanded against actual speed.'), yes('cooling-code', 'mostly', 'The control sees it.'), yes('pump-still', 'often', 'It is felt not to run.')],
    causes: [POOR('nearlyAlways', 'Nothing moves.')], guards: [guard('drive-seen', 'Command, supply and actual speed measured', 'pump-command-fails')], links: [overheating], cost: cost(4, 90), proof: 'Actual speed follows its command; load run.',
  }),
  fault({
    id: 'switchable-pump-off', name: 'Switchable pump stuck off', what: 'The pump that can be switched off stays off.', part: 'pump', group: 'flow', needs: { switchablePump: [true] }, excludes: 'pump-drive',
    prior: priors('exceptional', 'uncommon', 'exceptional'), priorBecause: 'A shroud or clutch that sticks.',
    effects: [yes('pump-switch', 'nearlyAlways', 'Command against flow.'), yes('cooling-code', 'even', 'Some controls see it.')],
    causes: [POOR('nearlyAlways', 'Nothing moves.')], guards: [guard('drive-seen', 'Command, supply and flow measured', 'pump-switch-fails')], cost: cost(3, 150), proof: 'Flow follows the command; load run.',
  }),
  fault({
    id: 'trapped-air', name: 'Trapped air', what: 'Air left in the system after work, or taken in by a leak.', part: 'engine', group: 'flow',
    prior: priors('uncommon', 'common', 'common'), priorBecause: 'After every refill that was not bled.',
    effects: [yes('recent-drain', 'nearlyAlways', 'It follows a drain.'), at('level-cold', { low: 'sometimes' }, 'The level falls as the air comes out.')],
    causes: [brings('air-inside', 'almostAlways', 'That is what it is.')], guards: [guard('bled-and-gone', 'Bled once and the complaint gone', 'bled + complaint-gone')], cost: cost(0.1, 40), proof: 'Level settled, heater steady, no gurgle after a drive.',
  }),
  fault({
    id: 'low-coolant', name: 'Low coolant', what: 'The level is low; by itself a state that has a cause.', part: 'expansion-tank', group: 'flow',
    prior: priors('rare', 'fairlyCommon', 'common'), priorBecause: 'Nobody looks until it is hot, or cold.',
    effects: [], causes: [brings('level-low', 'almostAlways', 'That is what it is.')], guards: [guard('loss-traced', 'Loss traced: where it went is known', 'loss-traced')], links: [leadsTo('trapped-air', 'sometimes', 'Air takes its place.')], cost: cost(0.1, 15), disturbs: [], proof: 'Level steady at the mark after 7 days.',
  }),
  fault({
    id: 'radiator-restricted', name: 'Radiator restricted inside', what: 'Tubes of the radiator are closed by deposits.', part: 'radiator', group: 'flow',
    prior: priors('exceptional', 'common', 'exceptional'), priorBecause: 'Old coolant, hard water, sealant.',
    effects: [
      ...restricted, yes('radiator-patches', 'mostly', 'Closed tubes are cold.'), yes('radiator-drop-large', 'often', 'Little flow gives up all its heat.'), yes('flow-restricted', 'mostly', 'It does not pass what is poured in.'),
      at('coolant-dirt', { brown: 'often', sludge: 'sometimes' }, 'What closed the tubes is in the coolant.'), yes('crunch-in-hoses', 'sometimes', 'Deposits are in the hoses too.'), yes('lower-hose-flat', 'seldom', 'The pump sucks against it.'),
    ],
    guards: [guard('thermostat-open-pump-delivers', 'Thermostat open, pump delivers, air side clean', 'thermostat-opened + pump-delivers + air-side-clean'), guard('survey-or-flow', 'Survey, or flow test looked at from both tanks', 'radiator-patches', 'radiator-flow-poor')], links: [overheating], cost: cost(4, 120), proof: loadProof,
  }),
  fault({
    id: 'lower-hose-collapsing', name: 'Lower hose collapsing', what: 'The suction hose is drawn flat at speed.', part: 'lower-hose', group: 'flow',
    prior: priors('exceptional', 'rare', 'exceptional'), priorBecause: 'Soft rubber, missing spring.',
    effects: [yes('hot-at-load', 'mostly', 'At high speed the flow is cut.'), yes('lower-hose-flat', 'nearlyAlways', 'Seen when revved.'), yes('lower-hose-soft', 'mostly', 'It can be squeezed flat.')],
    guards: [guard('seen-flat', 'Seen drawn flat when revved', 'lower-hose-flat')], cost: cost(0.5, 50), proof: 'Hose stays round when revved; load run.',
  }),
  fault({
    id: 'heater-core-restricted', name: 'Heater core restricted', what: 'The heater core is closed by deposits.', part: 'heater-core', group: 'flow',
    prior: priors('exceptional', 'exceptional', 'veryCommon'), priorBecause: 'The narrowest passages of the system.',
    effects: [yes('heater-cold', 'mostly', 'Little hot coolant passes.'), yes('heater-drop', 'nearlyAlways', 'Inlet hot, outlet cool.'), yes('one-side-cold', 'sometimes', 'Part of the core is closed.'), yes('heater-weak-idle', 'sometimes', 'Revving presses some through.'), at('coolant-dirt', { brown: 'even', sludge: 'seldom' }, 'What closed it is in the coolant.'), yes('slow-over-months', 'even', 'It grew slowly.')],
    guards: [engineHotLevelFull], cost: cost(2.5, 240), proof: heatProof,
  }),
  fault({
    id: 'heater-valve-shut', name: 'Heater valve, or one zone’s valve, shut', what: 'The valve to the heater, or to one zone, does not open.', part: 'heater-hoses', group: 'flow', needs: { heaterValve: [true] },
    prior: priors('exceptional', 'exceptional', 'fairlyCommon'), priorBecause: 'Cables, vacuum and motors.',
    effects: [yes('heater-cold', 'mostly', 'No hot coolant passes.'), yes('valve-command', 'nearlyAlways', 'It does not follow the setting.'), yes('heater-drop', 'mostly', 'Hot before, cool after.'), yes('one-side-cold', 'even', 'One zone’s valve gives one cold side.')],
    guards: [engineHotLevelFull], cost: cost(0.8, 60), proof: heatProof,
  }),
  fault({
    id: 'aux-pump-dead', name: 'Auxiliary heater pump dead', what: 'The small pump of the heater circuit does not run.', part: 'heater-hoses', group: 'flow', needs: { auxHeaterPump: [true] },
    prior: priors('exceptional', 'exceptional', 'fairlyCommon'), priorBecause: 'Small motors in hot coolant.',
    effects: [yes('heater-weak-idle', 'nearlyAlways', 'Cold at idle only.'), yes('heater-cold', 'even', 'The keeper notices it in traffic.'), yes('aux-pump-still', 'nearlyAlways', 'Commanded, it does not run.'), yes('heater-drop', 'even', 'At idle a slow stream.')],
    guards: [engineHotLevelFull], cost: cost(1.5, 60), proof: 'Vents warm at idle.',
  }),
  fault({
    id: 'heater-hoses-swapped', name: 'Heater hoses swapped', what: 'The hoses of the heater were exchanged at a repair.', part: 'heater-hoses', group: 'flow',
    prior: priors('exceptional', 'exceptional', 'rare'), priorBecause: 'Only after work, and only where direction matters.',
    effects: [yes('heater-since-work', 'nearlyAlways', 'It began with the work.'), yes('flow-reversed', 'nearlyAlways', 'Inlet and outlet are exchanged.'), yes('heater-cold', 'often', 'Valves and bleeders sit in the wrong leg.'), yes('recent-drain', 'nearlyAlways', 'The hoses were off.')],
    guards: [guard('direction-known', 'Direction of flow known and measured', 'flow-reversed')], cost: cost(0.1, 30), proof: heatProof,
  }),
  fault({
    id: 'heat-module-stuck', name: 'Heat-management module stuck or not calibrated', what: 'The valves of the module, which do the thermostat’s work, do not go where they are told.', part: 'thermostat', group: 'flow', needs: { heatModule: [true] }, excludes: 'thermostat',
    prior: priors('exceptional', 'fairlyCommon', 'common'), priorBecause: 'Gears and sensors in hot plastic; where it is fitted it does what a thermostat does elsewhere.',
    effects: [yes('module-command', 'nearlyAlways', 'Command against actual.'), yes('cooling-code', 'mostly', 'The control sees it.'), at('opening-late', { late: 'even', never: 'sometimes' }, 'Stuck shut.'), at('opening-early', { early: 'sometimes', 'from-start': 'sometimes' }, 'Or stuck open.'), yes('wanders', 'sometimes', 'Temperature does not follow the command.'), yes('hot-at-load', 'even', 'Too little for the load.'), yes('heater-cold', 'sometimes', 'The heater way is shut.')],
    causes: [brings('engine-cool', 'sometimes', 'Stuck open it stays cool.')], guards: [guard('command-against-actual', 'Command against actual, supply measured', 'module-command-fails')], cost: cost(5, 240), proof: 'Calibrated; follows its command over a warm-up.',
  }),
  fault({
    id: 'map-heater-lost', name: 'Map thermostat: heater or its supply lost', what: 'The heated thermostat is not heated, and opens only by its wax.', part: 'thermostat', group: 'flow', needs: { mapThermostat: [true] },
    prior: priors('exceptional', 'rare', 'veryRare'), priorBecause: 'A thin wire in a hot plug.',
    effects: [yes('map-heater-dead', 'nearlyAlways', 'Supply or resistance is missing.'), yes('cooling-code', 'mostly', 'The control sees it.'), at('opening-late', { late: 'even' }, 'It opens by its wax alone.'), yes('hot-at-load', 'sometimes', 'It runs hotter under load.')],
    guards: [guard('command-against-actual', 'Command and supply measured at the plug', 'map-heater-dead')], cost: cost(1.2, 60), proof: 'Opens lower when commanded.',
  }),
  fault({
    id: 'sealant-in-system', name: 'Sealant in the system', what: 'Poured-in sealant has closed small passages.', part: 'radiator', group: 'flow',
    prior: priors('veryRare', 'rare', 'rare'), priorBecause: 'Where somebody tried the cheap way.',
    effects: [yes('sealant-added', 'nearlyAlways', 'Somebody knows.'), yes('heater-drop', 'often', 'The heater closes first.'), yes('heater-cold', 'even', 'The heater closes first.'), yes('radiator-patches', 'even', 'Then the radiator.'), yes('hot-at-load', 'even', 'Several passages are narrow.'), at('coolant-dirt', { brown: 'often', sludge: 'even' }, 'Flakes and sludge.'), yes('crunch-in-hoses', 'even', 'Deposits are felt.'), yes('flow-restricted', 'even', 'The radiator passes less.')],
    guards: [guard('seen', 'Seen, or known to have been poured in', 'sealant-seen')], cost: cost(1, 180), proof: loadProof,
  }),
  fault({
    id: 'jacket-scaled', name: 'Jacket scaled', what: 'Deposits in the block keep the heat in.', part: 'engine', group: 'flow',
    prior: priors('exceptional', 'rare', 'exceptional'), priorBecause: 'Years of hard water.',
    effects: [...restricted, at('coolant-dirt', { brown: 'mostly', sludge: 'sometimes' }, 'Brown water, years of it.'), yes('mix-off', 'often', 'Plain water was used.'), yes('crunch-in-hoses', 'even', 'Scale breaks off.')],
    guards: [guard('coolant-tested', 'Coolant tested')], cost: cost(1, 300), proof: loadProof,
  }),
  fault({
    id: 'coolant-wrong', name: 'Wrong or mixed coolant', what: 'Coolants that do not go together, or a mix that is far off.', part: 'expansion-tank', group: 'flow',
    prior: priors('veryRare', 'uncommon', 'veryRare'), priorBecause: 'Topped up from whatever stood there.',
    effects: [yes('gel', 'nearlyAlways', 'Gel, or two colours.'), yes('mix-off', 'sometimes', 'The fraction may be far off too.'), yes('hot-at-load', 'sometimes', 'Too strong carries less heat.'), yes('slow-over-months', 'even', 'Gel builds slowly.'), yes('heater-drop', 'seldom', 'Gel closes the heater.'), at('coolant-dirt', { brown: 'even', sludge: 'sometimes' }, 'It falls out.')],
    guards: [guard('coolant-tested', 'Coolant tested')], links: [leadsTo('pump-seal-leak', 'rarely', 'Wrong coolant attacks seals.'), leadsTo('jacket-scaled', 'seldom', 'And leaves deposits.')], cost: cost(0.6, 90), proof: 'Flushed clear; fraction right.',
  }),
]
