import type { ProfileNeeds } from '../vehicle/profile'
import type { Condition } from './types'

/** A fan that a control calls for, by what its sensor tells; a switch in the radiator has a temperature of its own. */
const CALLED_BY_A_CONTROL: ProfileNeeds = { fan: ['electric-relay', 'electric-module'] }

/**
 * States of the system between faults and signs: many faults bring them about, many signs depend on them, nobody
 * reads them directly. A condition may be caused by those before it.
 */
export const CONDITIONS: readonly Condition[] = [
  {
    id: 'level-low',
    name: 'Level low',
    leak: 'rarely',
    leakBecause: 'Vehicles come in a little low without any fault.',
    causedBy: [],
    effects: [
      {
        sign: 'level-cold',
        atLeast: { low: 'almostAlways', empty: 'rarely' },
        because: 'A low system is seen at the mark.',
      },
      {
        sign: 'hot-at-load',
        atLeast: { yes: 'sometimes' },
        because: 'Little coolant overheats under load first.',
      },
      {
        sign: 'heater-cold',
        atLeast: { yes: 'sometimes' },
        because: 'The heater stands high and runs dry first.',
      },
      {
        sign: 'scan-disagrees',
        atLeast: { yes: 'seldom' },
        because: 'A sensor out of the liquid reads low and flat.',
      },
      { sign: 'gurgle', atLeast: { yes: 'sometimes' }, because: 'Air runs through the heater.' },
      {
        sign: 'cured-by-refill',
        atLeast: { yes: 'nearlyAlways' },
        because: 'What was missing is there again.',
      },
    ],
  },
  {
    id: 'pressure-lost',
    name: 'Pressure not held',
    leak: 'rarely',
    leakBecause: 'Old systems breathe a little.',
    causedBy: [],
    effects: [
      {
        sign: 'pushed-out-hot',
        atLeast: { yes: 'sometimes' },
        because: 'Without pressure it boils sooner.',
      },
      {
        sign: 'hot-at-load',
        atLeast: { yes: 'seldom' },
        because: 'The boiling margin is gone first on a climb.',
      },
      {
        sign: 'boils-early',
        atLeast: { yes: 'mostly' },
        because: 'Without pressure it boils as in an open pot.',
      },
      {
        sign: 'pressure-never',
        atLeast: { yes: 'mostly' },
        because: 'What is not held does not build up.',
      },
    ],
  },
  {
    id: 'air-inside',
    name: 'Air in the system',
    leak: 'almostNever',
    leakBecause: 'A system that was left alone has none.',
    causedBy: [
      {
        condition: 'level-low',
        level: 'sometimes',
        because: 'What is missing is replaced by air.',
      },
    ],
    effects: [
      { sign: 'heater-cold', atLeast: { yes: 'often' }, because: 'Air gathers in the heater.' },
      {
        sign: 'cured-by-refill',
        atLeast: { yes: 'nearlyAlways' },
        because: 'The air was what it suffered from.',
      },
      { sign: 'gurgle', atLeast: { yes: 'often' }, because: 'It is heard behind the dash.' },
      {
        sign: 'heat-in-bursts',
        atLeast: { yes: 'even' },
        because: 'Heat comes and goes as the pocket moves.',
      },
      { sign: 'wanders', atLeast: { yes: 'even' }, because: 'The pocket passes the sensor.' },
      {
        sign: 'bubbling',
        atLeast: { yes: 'even' },
        because: 'Air comes out at the neck for a while.',
      },
      {
        sign: 'pushed-out-hot',
        atLeast: { yes: 'sometimes' },
        because: 'Expanding air pushes coolant out.',
      },
      {
        sign: 'creep',
        atLeast: { settles: 'often', climbs: 'rarely' },
        because: 'The level settles as air comes out.',
      },
      {
        sign: 'scan-disagrees',
        atLeast: { yes: 'rarely' },
        because: 'A sensor in a pocket reads low.',
      },
      { sign: 'radiator-cold', atLeast: { yes: 'seldom' }, because: 'A pocket stops the flow.' },
      {
        sign: 'heater-inlet-cool',
        atLeast: { yes: 'often' },
        because: 'Air in the heater circuit stops it.',
      },
      { sign: 'hot-soon', atLeast: { yes: 'seldom' }, because: 'Where the air sits at the pump.' },
      {
        sign: 'overshoot',
        atLeast: { yes: 'sometimes' },
        because: 'Steam about the thermostat opens it late.',
      },
      {
        sign: 'opening-late',
        atLeast: { late: 'seldom', never: 'rarely' },
        because: 'A thermostat in air hangs behind.',
      },
    ],
  },
  {
    id: 'flow-poor',
    name: 'Little flow from the pump',
    leak: 'practicallyNever',
    leakBecause: 'A sound pump moves coolant.',
    causedBy: [
      { condition: 'air-inside', level: 'rarely', because: 'A pump in air moves nothing.' },
    ],
    effects: [
      {
        sign: 'hot-at-load',
        atLeast: { yes: 'mostly' },
        because: 'No flow, no heat carried away.',
      },
      {
        sign: 'hot-at-idle',
        atLeast: { yes: 'sometimes' },
        because: 'Standing it needs little flow.',
      },
      {
        sign: 'hot-soon',
        atLeast: { yes: 'even' },
        because: 'The block heats by itself when nothing moves.',
      },
      {
        sign: 'heater-cold',
        atLeast: { yes: 'often' },
        because: 'The heater is fed by the same pump.',
      },
      {
        sign: 'heater-weak-idle',
        atLeast: { yes: 'often' },
        because: 'What little it moves, it moves when revved.',
      },
      {
        sign: 'heater-inlet-cool',
        atLeast: { yes: 'often' },
        because: 'Little hot coolant arrives.',
      },
      {
        sign: 'heater-drop',
        atLeast: { yes: 'sometimes' },
        because: 'A slow stream gives up all its heat.',
      },
      {
        sign: 'radiator-cold',
        atLeast: { yes: 'mostly' },
        because: 'Block hot, radiator cold with the thermostat open.',
      },
      {
        sign: 'opening-late',
        atLeast: { late: 'even', never: 'sometimes' },
        because: 'The hose warms late when nothing moves.',
      },
      {
        sign: 'delivery',
        atLeast: { weak: 'almostAlways', none: 'sometimes' },
        because: 'This is what is measured.',
      },
      {
        sign: 'radiator-drop-large',
        atLeast: { yes: 'often' },
        because: 'A slow stream leaves the radiator cool.',
      },
      {
        sign: 'overshoot',
        atLeast: { yes: 'even' },
        because: 'Heat arrives at the thermostat late.',
      },
    ],
  },
  {
    id: 'engine-cool',
    name: 'Engine never truly hot',
    leak: 'rarely',
    leakBecause: 'A cold day and a short drive.',
    causedBy: [],
    effects: [
      { sign: 'never-warms', atLeast: { yes: 'mostly' }, because: 'It is what the gauge shows.' },
      {
        sign: 'cold-at-speed',
        atLeast: { yes: 'sometimes' },
        because: 'The ram air takes the little heat there is.',
      },
      {
        sign: 'heater-cold',
        atLeast: { yes: 'often' },
        because: 'A cool engine gives a cool heater.',
      },
      {
        sign: 'heater-inlet-cool',
        atLeast: { yes: 'often' },
        because: 'The hose is as cool as the engine.',
      },
      {
        sign: 'plateau-low',
        atLeast: { yes: 'nearlyAlways' },
        because: 'It settles below its rating.',
      },
      { sign: 'pressure-never', atLeast: { yes: 'even' }, because: 'Cool coolant hardly expands.' },
      {
        sign: 'cooling-code',
        atLeast: { yes: 'sometimes' },
        because: 'The control misses its temperature.',
      },
    ],
  },
  {
    id: 'sensor-low',
    name: 'Sensor reads low',
    leak: 'never',
    leakBecause: 'A sound sensor in coolant tells what there is.',
    causedBy: [],
    effects: [
      {
        sign: 'scan-reads-low',
        atLeast: { yes: 'almostAlways' },
        because: 'It is what is compared.',
      },
      { sign: 'never-warms', atLeast: { yes: 'mostly' }, because: 'The needle goes by it.' },
      {
        sign: 'plateau-low',
        atLeast: { yes: 'mostly' },
        because: 'What is read by it settles where it says.',
      },
      { sign: 'opening-early', atLeast: { early: 'often' }, because: 'Every opening looks early.' },
      {
        sign: 'fan-late',
        atLeast: { late: 'mostly', never: 'often' },
        because: 'The fan is called for when the engine is hotter than it is told.',
        needs: CALLED_BY_A_CONTROL,
      },
      {
        sign: 'fan-command-missing',
        atLeast: { yes: 'often' },
        because: 'It gives its control no reason to call.',
        needs: CALLED_BY_A_CONTROL,
      },
      {
        sign: 'fan-bridged-runs',
        atLeast: { yes: 'often' },
        because: 'The fan was never asked, and runs when it is.',
        needs: CALLED_BY_A_CONTROL,
      },
    ],
  },
]
