import type { Effect, Fault } from './types'

const yes = (sign: string, level: NonNullable<Effect['atLeast']['yes']>, because: string): Effect => ({ sign, atLeast: { yes: level }, because })
const guard = (id: string, text: string) => ({ id, text, anyOf: [[id]] })

/** First faults of flow, air and reading; enough to say which side an overheating complaint points to. */
export const HEAT_FAULTS: readonly Fault[] = [
  {
    id: 'thermostat-stuck-closed', name: 'Thermostat stuck closed', what: 'No flow to the radiator.', part: 'thermostat', group: 'flow', excludes: 'thermostat',
    prior: { 'coolant-loss': 'exceptional', overheats: 'common', 'no-heat': 'veryRare' }, priorBecause: 'A moderate suspect: neither rare nor the rule.',
    effects: [yes('hot-soon', 'often', 'The engine boils in its own small circuit.'), yes('hot-at-load', 'mostly', 'No radiator, no margin.'), yes('hot-at-idle', 'even', 'Hot everywhere.'), yes('pushed-out-hot', 'sometimes', 'It boils.')],
    guards: [guard('level-full-air-out', 'Level full and air out'), guard('engine-temperature-second-source', 'Engine temperature confirmed by a second source'), guard('thermostat-bench-or-run', 'Shown on the bench or in a warm-up run')],
    links: [{ to: 'gasket-gas-to-coolant', level: 'seldom', because: 'Severe overheating warps heads.' }], proof: 'Warm-up run with the opening at its rating.',
  },
  {
    id: 'thermostat-stuck-open', name: 'Thermostat stuck open or missing', what: 'Coolant always runs through the radiator.', part: 'thermostat', group: 'flow', excludes: 'thermostat',
    prior: { 'coolant-loss': 'exceptional', overheats: 'exceptional', 'no-heat': 'everyFourth' }, priorBecause: 'The first cause of an engine that stays cold.',
    effects: [yes('never-warms', 'mostly', 'It never reaches its rating on the road.'), yes('heater-cold', 'often', 'A cool engine gives a cool heater.')],
    guards: [guard('engine-temperature-second-source', 'Engine temperature confirmed by a second source'), guard('thermostat-bench-or-run', 'Shown on the bench or in a warm-up run')],
    links: [], proof: 'Warm-up run reaches its rating and stays.',
  },
  {
    id: 'pump-impeller-loose', name: 'Pump: impeller loose or worn', what: 'The pump turns and moves little.', part: 'pump', group: 'flow',
    prior: { 'coolant-loss': 'exceptional', overheats: 'uncommon', 'no-heat': 'fairlyCommon' }, priorBecause: 'Plastic impellers crack; sheet ones rust.',
    effects: [yes('hot-at-load', 'mostly', 'No flow, no heat carried.'), yes('hot-soon', 'sometimes', 'When nothing moves at all.'), yes('heater-cold', 'often', 'The heater is fed by the same pump.')],
    guards: [guard('thermostat-shown-open', 'Thermostat shown open, or out'), guard('level-full-air-out', 'Air out'), guard('drive-turning', 'Drive seen turning')],
    links: [], proof: 'Delivery and a load run covering the complaint.',
  },
  {
    id: 'pump-drive-slipping', name: 'Pump drive slipping', what: 'The belt slips or the electric pump does not run.', part: 'pump', group: 'flow',
    prior: { 'coolant-loss': 'exceptional', overheats: 'uncommon', 'no-heat': 'uncommon' }, priorBecause: 'A glazed belt or a weak tensioner.',
    effects: [yes('belt-squeal', 'often', 'Slip is heard.'), yes('hot-at-load', 'often', 'Flow falls with slip.'), yes('heater-cold', 'sometimes', 'Little flow through the heater.')],
    guards: [guard('drive-seen', 'Drive seen slipping or still')], links: [], proof: 'Drive seen turning; load run.',
  },
  {
    id: 'trapped-air', name: 'Trapped air', what: 'Air left in the system after work, or taken in by a leak.', part: 'engine', group: 'flow',
    prior: { 'coolant-loss': 'uncommon', overheats: 'fairlyCommon', 'no-heat': 'common' }, priorBecause: 'After every refill that was not bled.',
    effects: [yes('recent-drain', 'nearlyAlways', 'It follows a drain.'), yes('heater-cold', 'often', 'The heater is a high place.'), yes('hot-soon', 'sometimes', 'Where the air sits at the sensor or pump.'), yes('pushed-out-hot', 'even', 'Air leaves and pushes coolant.'), { sign: 'level-cold', atLeast: { low: 'often', empty: 'rarely' }, because: 'The level falls as the air comes out.' }],
    guards: [guard('bled-and-gone', 'Bled once and the complaint gone')], links: [], proof: 'Bled; level settled over three days.',
  },
  {
    id: 'radiator-restricted', name: 'Radiator restricted inside', what: 'Tubes are blocked by scale or sludge.', part: 'radiator', group: 'flow',
    prior: { 'coolant-loss': 'exceptional', overheats: 'fairlyCommon', 'no-heat': 'exceptional' }, priorBecause: 'Old coolant, hard water, sealant.',
    effects: [yes('hot-at-load', 'nearlyAlways', 'Capacity is missing when heat is made.'), yes('hot-at-idle', 'seldom', 'At idle little is needed.')],
    guards: [guard('thermostat-shown-open', 'Thermostat open'), guard('pump-delivers', 'Pump delivers'), guard('air-side-clean', 'Air side clean'), guard('survey-both-tanks', 'Survey or flow test from both tanks')], links: [], proof: 'Load run covering the complaint.',
  },
  {
    id: 'heater-core-restricted', name: 'Heater core restricted', what: 'Little coolant passes the heater core.', part: 'heater-core', group: 'flow',
    prior: { 'coolant-loss': 'exceptional', overheats: 'exceptional', 'no-heat': 'veryCommon' }, priorBecause: 'The narrowest passage catches the sludge.',
    effects: [yes('heater-cold', 'nearlyAlways', 'Inlet hot, outlet cool.')],
    guards: [guard('engine-hot-level-full', 'Engine hot, level full'), guard('heater-direction-known', 'Direction of flow known')], links: [], proof: 'Both heater hoses hot at full blower.',
  },
  {
    id: 'fins-blocked', name: 'Fins blocked or bent', what: 'Air does not pass the radiator or the stack before it.', part: 'radiator', group: 'air',
    prior: { 'coolant-loss': 'exceptional', overheats: 'common', 'no-heat': 'exceptional' }, priorBecause: 'Salt, insects and leaves between the cores.',
    effects: [yes('hot-at-load', 'mostly', 'No air, no shedding, at speed most.'), yes('hot-at-idle', 'sometimes', 'When it is thick.'), yes('ac-weak-idle', 'sometimes', 'The condenser starves too.')],
    guards: [guard('looked-both-sides', 'Looked at from both sides')], links: [], proof: 'Load run covering the complaint.',
  },
  {
    id: 'fan-clutch-slipping', name: 'Fan clutch slipping', what: 'The viscous clutch does not grip when hot.', part: 'fan', group: 'air', needs: { fan: ['viscous-clutch'] },
    prior: { 'coolant-loss': 'exceptional', overheats: 'common', 'no-heat': 'exceptional' }, priorBecause: 'Fluid is lost with age.',
    effects: [yes('hot-at-idle', 'mostly', 'No air when the vehicle makes none.'), yes('ac-weak-idle', 'often', 'The condenser starves too.')],
    guards: [guard('clutch-hot-and-cold', 'Hot and cold hand tests agree'), guard('drive-turning', 'Belt drives')], links: [], proof: 'Roar when hot; idle holds its temperature.',
  },
  {
    id: 'fan-electric-dead', name: 'Electric fan or its circuit', what: 'Motor, feed, relay, module or switch: the fan does not run.', part: 'fan', group: 'air', needs: { fan: ['electric-relay', 'electric-module', 'thermo-switch'] },
    prior: { 'coolant-loss': 'exceptional', overheats: 'veryCommon', 'no-heat': 'exceptional' }, priorBecause: 'Motors, relays and plugs age in water and salt.',
    effects: [yes('hot-at-idle', 'nearlyAlways', 'No air when the vehicle makes none.'), yes('ac-weak-idle', 'often', 'The condenser starves too.')],
    guards: [guard('switching-place-hot', 'The place that switches it shown hot'), guard('fan-circuit-walked', 'Supply, ground and command measured at the plug')], links: [], proof: 'Fan starts and stops at its temperatures without air conditioning.',
  },
  {
    id: 'coolant-sensor-biased', name: 'Coolant sensor biased', what: 'The sensor tells another temperature than there is.', part: 'engine', group: 'reading',
    prior: { 'coolant-loss': 'exceptional', overheats: 'uncommon', 'no-heat': 'fairlyCommon' }, priorBecause: 'Sensors and plugs age.',
    effects: [yes('never-warms', 'sometimes', 'It may read low.'), yes('hot-at-idle', 'seldom', 'The fan comes late.')],
    guards: [guard('second-temperature-same-place', 'A second temperature at the same place'), guard('wiring-checked', 'Wiring checked')], links: [], proof: 'Agrees within 3 K after a cold soak.',
  },
  {
    id: 'blend-door-stuck', name: 'Blend door or blower', what: 'The heater is hot and the cabin gets no warm air.', part: 'heater-core', group: 'reading',
    prior: { 'coolant-loss': 'exceptional', overheats: 'exceptional', 'no-heat': 'veryCommon' }, priorBecause: 'Doors, motors and filters fail on the air side.',
    effects: [yes('heater-cold', 'nearlyAlways', 'The vent is cold whatever the hoses do.')],
    guards: [guard('heater-hoses-measured', 'Both heater hoses measured hot')], links: [], proof: 'Vents warm left and right.',
  },
  {
    id: 'overfilled', name: 'Nothing wrong: overfilled', what: 'It was filled above the mark and finds its own level.', part: 'expansion-tank', group: 'nothing-wrong',
    prior: { 'coolant-loss': 'fairlyCommon', overheats: 'rare', 'no-heat': 'exceptional' }, priorBecause: 'Kind keepers fill to the brim.',
    effects: [yes('filled-above-mark', 'nearlyAlways', 'That is what it is.'), yes('pushed-out-hot', 'sometimes', 'Expansion pushes the surplus out.'), { sign: 'loss-size', atLeast: { moderate: 'seldom' }, because: 'Only the surplus goes.' }],
    guards: [guard('level-mark-identified', 'Level mark identified, and level steady there')], links: [], proof: 'Level steady at the mark after 7 days.',
  },
  {
    id: 'condensate', name: 'Nothing wrong: air-conditioning water', what: 'The water under it is condensate.', part: 'heater-core', group: 'nothing-wrong',
    prior: { 'coolant-loss': 'fairlyCommon', overheats: 'exceptional', 'no-heat': 'exceptional' }, priorBecause: 'Clear water under the bulkhead on warm days.',
    effects: [yes('ac-water', 'nearlyAlways', 'Clear, without feel or smell, after air conditioning.'), yes('wet-under', 'nearlyAlways', 'It wets the ground.')],
    guards: [guard('liquid-identified', 'Liquid identified as water')], links: [], proof: 'Level steady at the mark after 7 days.',
  },
]
