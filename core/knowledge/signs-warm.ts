import { yesNo } from './signs-cold'
import type { Sign } from './types'

const RUN = 'warm-up-run'
const HEATER = 'heater'
const SURVEY = 'radiator-survey'
const DEVICES = 'actuators'
const BATH = 'thermostat-bath'
const COOLER = 'cooler-test'
const TEARDOWN = 'teardown'

export const WARM_SIGNS: readonly Sign[] = [
  {
    id: 'opening-late', name: 'Thermostat opens late or never', states: ['normal', 'late', 'never'], check: RUN,
    leak: { late: 'rarely', never: 'practicallyNever' }, leakBecause: 'In the vehicle the comparison with the rating is wide.',
  },
  {
    id: 'opening-early', name: 'Radiator side warm early or from the start', states: ['no', 'early', 'from-start'], check: RUN,
    leak: { early: 'rarely', 'from-start': 'almostNever' }, leakBecause: 'Heat creeps along hoses and by jiggle pins.',
  },
  yesNo('plateau-low', 'Settles below its rating', RUN, 'rarely', 'A cold wind at idle.'),
  yesNo('overshoot', 'Overshoots, then drops suddenly', RUN, 'rarely', 'A little overshoot is usual.'),
  yesNo('wanders', 'Temperature wanders', RUN, 'rarely', 'Fan cycles wander too.'),
  yesNo('scan-disagrees', 'Scan and a second source disagree', RUN, 'rarely', 'Infrared on bare metal.'),
  yesNo('dash-disagrees', 'Dash disagrees while scan and gun agree', RUN, 'rarely', 'Needles are built to rest.'),
  {
    id: 'fan-late', name: 'Fan starts late or never', states: ['on-time', 'late', 'never'], check: 'fan-in-action',
    leak: { late: 'rarely', never: 'almostNever' }, leakBecause: 'Thresholds differ with load and air conditioning.',
    overrides: [{ by: 'engine-cool', atLeast: { late: 'mostly', never: 'mostly' }, because: 'A fan that nothing calls for does not run.' }],
  },
  yesNo('fan-no-effect', 'Fan runs and the temperature does not fall', 'fan-in-action', 'rarely', 'A hot bay.'),
  yesNo('fan-always', 'Fan runs all the time', 'fan-in-action', 'rarely', 'Run-on after a hot drive.'),
  yesNo('fan-ac-dead', 'Fan does not run with air conditioning on', 'fan-in-action', 'rarely', 'Some wait for pressure.'),
]

export const HOT_SIGNS: readonly Sign[] = [
  yesNo('clutch-slips-hot', 'Fan clutch slips hot', 'clutch-hot', 'rarely', 'It was not hot enough.'),
  yesNo('clutch-locked', 'Fan clutch grips always', 'clutch-hot', 'rarely', 'Just started, it drags for a minute.'),
  yesNo('heater-inlet-cool', 'Both heater hoses cool on a hot engine', HEATER, 'almostNever', 'Hoses are felt in the wrong place.'),
  yesNo('heater-drop', 'Heater outlet much cooler than its inlet', HEATER, 'rarely', 'A cold cabin at full blower.'),
  yesNo('vent-cold', 'Both hoses hot, vent cold', HEATER, 'rarely', 'Probe in the wrong vent.'),
  yesNo('one-side-cold', 'One side of the cabin cold', HEATER, 'rarely', 'A probe in the draught.'),
  yesNo('flow-reversed', 'Heater inlet and outlet exchanged', HEATER, 'practicallyNever', 'Hoses are mixed up by touch.'),
  yesNo('air-weak', 'Little air though the heater is hot', HEATER, 'rarely', 'A vent is shut.'),
  yesNo('radiator-cold', 'Radiator stays cold on a hot engine', SURVEY, 'almostNever', 'The thermostat was not open yet.'),
  yesNo('radiator-patches', 'Cold patches on the radiator', SURVEY, 'rarely', 'A draught over the core.'),
  yesNo('radiator-hot-through', 'Hot all over, little drop', SURVEY, 'rarely', 'Measured without airflow.'),
  yesNo('radiator-drop-large', 'Large drop, cool outlet', SURVEY, 'rarely', 'A strong fan on a cold day.'),
  yesNo('lower-hose-flat', 'Lower hose drawn flat when revved', 'pump-delivery', 'almostNever', 'A soft hose dents a little.'),
  {
    id: 'delivery', name: 'What the pump delivers', states: ['good', 'weak', 'none'], check: 'pump-delivery',
    leak: { weak: 'rarely', none: 'practicallyNever' }, leakBecause: 'Ports and gauges mislead.',
  },
  yesNo('gas-in-coolant', 'Combustion gas in the coolant', 'chemical-gas-test', 'almostNever', 'Exhaust in the bay or coolant drawn in spoils the fluid.', [
    { by: 'engine-cool', atLeast: { yes: 'practicallyNever' }, because: 'A breach that opens hot gives nothing cold.' },
  ]),
  yesNo('pressure-early', 'Pressure rises before the coolant is warm', 'running-pressure', 'almostNever', 'A full system rises early.', [
    { by: 'pressure-lost', atLeast: { yes: 'rarely' }, because: 'What is not held does not show.' },
  ]),
  yesNo('pressure-never', 'Pressure never rises', 'running-pressure', 'rarely', 'The adapter vents.'),
  {
    id: 'creep', name: 'Level while hot', states: ['steady', 'settles', 'climbs'], check: 'level-creep',
    leak: { settles: 'seldom', climbs: 'almostNever' }, leakBecause: 'Normal expansion rises and holds.',
  },
  yesNo('bubbling', 'Continuous bubbles', 'level-creep', 'rarely', 'Stirred air after a top-up.'),
  yesNo('pump-command', 'Electric pump does not follow its command', DEVICES, 'practicallyNever', 'Run-on and lock-outs.'),
  yesNo('pump-switch', 'Switchable pump does not switch on', DEVICES, 'practicallyNever', 'It is off by design while cold.'),
  yesNo('module-command', 'Heat-management module does not follow', DEVICES, 'almostNever', 'Calibration was interrupted.'),
  yesNo('map-heater-dead', 'Heater of the map thermostat has no supply or is open', DEVICES, 'almostNever', 'It is commanded off at idle.'),
  yesNo('aux-pump-still', 'Auxiliary heater pump does not run', DEVICES, 'almostNever', 'It is not always called for.'),
  yesNo('valve-command', 'Heater valve does not follow', DEVICES, 'almostNever', 'Vacuum was low.'),
  yesNo('shutter-shut', 'Grille shutter stays shut', DEVICES, 'almostNever', 'It closes for warm-up.'),
  yesNo('clutch-command', 'Fan clutch does not follow its command', DEVICES, 'almostNever', 'Its speed lags.'),
  yesNo('door-command', 'Blend door does not follow', DEVICES, 'rarely', 'Doors lag.'),
]

export const ROAD_SIGNS: readonly Sign[] = [
  yesNo('load-beyond', 'Load or heat beyond the vehicle’s rating', 'load-run', 'rarely', 'Loads are guessed.'),
  yesNo('margin-thin', 'All good, margin thin', 'load-run', 'seldom', 'Mountain roads.'),
]

export const BENCH_SIGNS: readonly Sign[] = [
  {
    id: 'bath-late', name: 'Thermostat in water: late or shut', states: ['no', 'late', 'shut'], check: BATH,
    leak: { late: 'almostNever', shut: 'practicallyNever' }, leakBecause: 'Heated too fast it reads late.',
  },
  {
    id: 'bath-early', name: 'Thermostat in water: early or open', states: ['no', 'early', 'open'], check: BATH,
    leak: { early: 'almostNever', open: 'practicallyNever' }, leakBecause: 'A probe away from the wax.',
  },
  yesNo('bath-lift-low', 'Thermostat lifts too little', BATH, 'almostNever', 'The bath was not hot enough.'),
  yesNo('rating-wrong', 'Thermostat of another rating than specified', BATH, 'practicallyNever', 'Stamps are misread.'),
  yesNo('thermostat-missing', 'No thermostat in the housing', BATH, 'practicallyNever', 'It is seen at once.'),
  yesNo('flow-restricted', 'Radiator does not pass what is poured in', 'radiator-flow', 'rarely', 'A hose gives far less than a pump.'),
  yesNo('impeller-bad', 'Impeller loose, worn or broken', 'pump-off', 'practicallyNever', 'Wear is judged by eye.'),
  yesNo('pump-seal-worn', 'Seal of the pump worn', 'pump-off', 'rarely', 'All seals show traces.'),
  yesNo('leakage-bubbles', 'Air from a cylinder bubbles in the neck', 'cylinder-leakage', 'practicallyNever', 'Stirred air.'),
  yesNo('head-crack', 'Crack found in the head', TEARDOWN, 'practicallyNever', 'Casting marks.'),
  yesNo('block-crack', 'Crack in the block, or liner low or holed', TEARDOWN, 'practicallyNever', 'Casting marks.'),
  yesNo('face-warped', 'Head or block not flat', TEARDOWN, 'rarely', 'Old engines move a little.'),
  yesNo('gasket-trace', 'Trace across the gasket at a cylinder', TEARDOWN, 'almostNever', 'Stains from taking apart.'),
  yesNo('manifold-pitted', 'Manifold face pitted or warped at a coolant port', TEARDOWN, 'rarely', 'Some corrosion is usual.'),
  yesNo('oil-cooler-fails', 'Oil cooler leaks when pressed alone', COOLER, 'practicallyNever', 'Plugs of the rig leak.'),
  yesNo('gearbox-cooler-fails', 'Gearbox cooler leaks when pressed alone', COOLER, 'practicallyNever', 'Plugs of the rig leak.'),
  yesNo('egr-cooler-fails', 'EGR cooler leaks when pressed alone', COOLER, 'practicallyNever', 'Plugs of the rig leak.'),
  yesNo('sleeve-leaks', 'Coolant at an injector sleeve', COOLER, 'practicallyNever', 'Fuel is taken for it.'),
  yesNo('sump-drip', 'Drip from a liner seen with the sump off', COOLER, 'practicallyNever', 'Oil drips too.'),
  yesNo('compressor-gas', 'Bubbles stop when the air compressor is isolated', COOLER, 'practicallyNever', 'Bubbles stop by themselves now and then.'),
  yesNo('level-falls-after', 'Level falls over the following days', 'level-follow-up', 'rarely', 'The last air comes out.'),
]
