import { PARTS } from '../casefile/profile'
import { PART_NAMES } from './parts'
import type { Level } from './levels'
import type { Sign } from './types'

const yesNo = (id: string, name: string, check: string, leak: Level, leakBecause: string): Sign => ({
  id,
  name,
  states: ['no', 'yes'],
  leak: { yes: leak },
  leakBecause,
  check,
})

const INTERVIEW = 'interview'

const general: Sign[] = [
  {
    id: 'hold-cold',
    name: 'Cold pressure hold',
    states: ['tight', 'seep', 'leak', 'gross'],
    leak: { seep: 'rarely', leak: 'almostNever', gross: 'practicallyNever' },
    leakBecause: 'A weeping adapter joint or a cooling system now and then fakes a seep, hardly ever more.',
    check: 'pressure-hold',
  },
  yesNo('tray-wet', 'Coolant in the tray after the hold', 'pressure-hold', 'rarely', 'Old coolant shaken loose can drip.'),
  yesNo('cylinder-wet', 'Coolant in a cylinder after the hold', 'pressure-hold', 'practicallyNever', 'Fuel or oil is seldom taken for coolant.'),
  yesNo('air-hiss', 'Hiss of air under pressure', 'pressure-hold', 'almostNever', 'A hiss at the adapter itself can mislead.'),
  yesNo('cap-opens-early', 'Cap opens below its band', 'cap', 'almostNever', 'The adapter seal can leak and look like it.'),
  yesNo('cap-opens-late', 'Cap opens above its band', 'cap', 'almostNever', 'A sticky adapter needle can look like it.'),
  yesNo('cap-will-not-hold', 'Cap does not hold for a minute', 'cap', 'rarely', 'A dry seal on a dry adapter leaks.'),
  yesNo('cap-vacuum-stuck', 'Vacuum valve of the cap is stuck', 'cap', 'almostNever', 'Deposits can hold a sound valve for one try.'),
  yesNo('cap-wrong', 'Cap is not the right one for its place', 'cap', 'almostNever', 'Markings wear and are misread.'),
  yesNo('cap-seal-damaged', 'Seal of the cap is cut or swollen', 'cap', 'rarely', 'Old seals look worn and still seal.'),
  {
    id: 'level-cold',
    name: 'Cold level',
    states: ['right', 'low', 'empty'],
    leak: { low: 'sometimes', empty: 'almostNever' },
    leakBecause: 'Vehicles come in a little low without any fault, hardly ever empty.',
    check: 'level-and-condition',
  },
  {
    id: 'residual-pressure',
    name: 'Pressure left after a cold night',
    states: ['none', 'some', 'strong'],
    leak: { some: 'seldom', strong: 'almostNever' },
    leakBecause: 'A warm morning leaves a breath; strong and cold means gas was made.',
    check: 'level-and-condition',
    overrides: [
      {
        by: 'cap-weak',
        atLeast: { some: 'rarely', strong: 'practicallyNever' },
        because: 'A cap that does not hold lets any pressure go before morning, whatever made it.',
      },
    ],
  },
  yesNo('oil-in-coolant', 'Oil in the coolant', 'level-and-condition', 'almostNever', 'Assembly grease and stop-leak float too.'),
  yesNo('emulsion-in-oil', 'Emulsion in the engine oil', 'level-and-condition', 'rarely', 'Short trips in the cold make froth by condensation.'),
  {
    id: 'loss-size',
    name: 'How much is lost',
    states: ['slight', 'moderate', 'heavy'],
    leak: { moderate: 'seldom', heavy: 'rarely' },
    leakBecause: 'Keepers top up what they need not.',
    check: INTERVIEW,
  },
  yesNo('wet-under', 'Ground wet after standing', INTERVIEW, 'seldom', 'Rain, wash water and other cars drip too.'),
  yesNo('lost-parked', 'Lost standing, more than driving', INTERVIEW, 'seldom', 'Few keepers look at both.'),
  yesNo('white-exhaust', 'Lasting white, sweet exhaust', INTERVIEW, 'rarely', 'Cold engines steam.'),
  yesNo('cold-misfire', 'Rough after a cold night', INTERVIEW, 'rarely', 'Ignition and fuelling do it too.'),
  yesNo('carpet-wet', 'Wet carpet or fogging screen', INTERVIEW, 'rarely', 'Rain leaks and blocked drains do it too.'),
  yesNo('pushed-out-hot', 'Pushes coolant out when hot', INTERVIEW, 'rarely', 'Overfilled bottles vent once.'),
  yesNo('ac-water', 'Only clear water, after air conditioning', INTERVIEW, 'rarely', 'Condensate drips on many cars that leak as well.'),
  yesNo('filled-above-mark', 'Filled above the mark', INTERVIEW, 'rarely', 'Some keepers fill to the brim whatever happens.'),
  yesNo('recent-drain', 'Drained or opened lately', INTERVIEW, 'seldom', 'Many vehicles were worked on lately.'),
  {
    ...yesNo('hoses-hard-early', 'Hoses hard soon after a cold start', INTERVIEW, 'almostNever', 'A firm hose is easily taken for a hard one.'),
    overrides: [
      {
        by: 'cap-weak',
        atLeast: { yes: 'rarely' },
        because: 'A cap that does not hold vents what would make the hoses hard.',
      },
    ],
  },
  yesNo('hot-at-idle', 'Hot standing or in slow traffic', INTERVIEW, 'rarely', 'A hot day and a load can do it.'),
  yesNo('hot-at-load', 'Hot at speed, climbing or towing', INTERVIEW, 'seldom', 'A thin margin shows on a pass road.'),
  yesNo('hot-soon', 'Hot within minutes of starting', INTERVIEW, 'almostNever', 'Gauges jump.'),
  yesNo('heater-cold', 'Heater cold while the engine is warm', INTERVIEW, 'rarely', 'Settings are misread.'),
  yesNo('never-warms', 'Never warms up on the road', INTERVIEW, 'rarely', 'Winter and a big radiator keep some cool.'),
  yesNo('ac-weak-idle', 'Air conditioning weak standing, good moving', INTERVIEW, 'rarely', 'A low charge does it too.'),
  yesNo('belt-squeal', 'Belt squeals or charge light on', INTERVIEW, 'rarely', 'A wet belt squeals once.'),
]

const places: Sign[] = PARTS.flatMap((part) => [
  {
    id: `wet:${part}`,
    name: `${PART_NAMES[part]}: what is seen`,
    states: ['dry', 'stained', 'wet'],
    leak: { stained: 'seldom', wet: 'almostNever' } as const,
    leakBecause: 'Road splash and old repairs leave stains, seldom wetness.',
    check: 'look-round',
  },
  yesNo(
    `issuing:${part}`,
    `${PART_NAMES[part]}: coolant seen issuing`,
    'look-round',
    'practicallyNever',
    'What is seen coming out is seldom something else.',
  ),
])

export const SIGNS: readonly Sign[] = [...general, ...places]
