import { PARTS } from '../casefile/profile'
import { LEAK_PLACES } from './places'
import { PART_NAMES } from './parts'
import type { Level } from './levels'
import type { Override, Sign } from './types'

export const yesNo = (id: string, name: string, check: string, leak: Level, leakBecause: string, overrides?: readonly Override[]): Sign => ({
  id, name, states: ['no', 'yes'], leak: { yes: leak }, leakBecause, check, ...(overrides ? { overrides } : {}),
})

const INTERVIEW = 'interview'
const LEVEL = 'level-and-condition'
const LOOK = 'look-round'

export const INTERVIEW_SIGNS: readonly Sign[] = [
  {
    id: 'loss-size', name: 'How much is lost', states: ['slight', 'moderate', 'heavy'], check: INTERVIEW,
    leak: { moderate: 'seldom', heavy: 'rarely' }, leakBecause: 'Keepers top up what they need not.',
  },
  yesNo('wet-under', 'Ground wet after standing', INTERVIEW, 'seldom', 'Rain, wash water and other cars drip too.'),
  yesNo('lost-parked', 'Lost standing, more than driving', INTERVIEW, 'seldom', 'Few keepers look at both.'),
  yesNo('worse-cold', 'Leaks most after frosty nights', INTERVIEW, 'rarely', 'Frost makes people look.'),
  yesNo('white-exhaust', 'Lasting white, sweet exhaust', INTERVIEW, 'rarely', 'Cold engines steam.'),
  yesNo('cold-misfire', 'Rough after a cold night', INTERVIEW, 'rarely', 'Ignition and fuelling do it too.'),
  yesNo('carpet-wet', 'Wet carpet or fogging screen', INTERVIEW, 'rarely', 'Rain leaks and blocked drains do it too.'),
  yesNo('pushed-out-hot', 'Pushes coolant out when hot', INTERVIEW, 'rarely', 'Overfilled bottles vent once.'),
  yesNo('ac-water', 'Only clear water, after air conditioning', INTERVIEW, 'rarely', 'Condensate drips on many cars that leak as well.'),
  yesNo('filled-above-mark', 'Filled above the mark', INTERVIEW, 'rarely', 'Some keepers fill to the brim whatever happens.'),
  yesNo('level-swings', 'Level rises hot and comes back cold', INTERVIEW, 'seldom', 'Every system does it, few keepers watch.'),
  yesNo('recent-drain', 'Drained or opened lately', INTERVIEW, 'seldom', 'Many vehicles were worked on lately.'),
  yesNo('hoses-hard-early', 'Hoses hard soon after a cold start', INTERVIEW, 'almostNever', 'A firm hose is easily taken for a hard one.', [
    { by: 'pressure-lost', atLeast: { yes: 'rarely' }, because: 'A system that does not hold lets go what would make the hoses hard.' },
  ]),
  yesNo('hot-at-idle', 'Hot standing or in slow traffic', INTERVIEW, 'rarely', 'A hot day and a load can do it.'),
  yesNo('hot-at-load', 'Hot at speed, climbing or towing', INTERVIEW, 'rarely', 'A thin margin shows on a pass road.'),
  yesNo('hot-with-ac', 'Hot only in heat with air conditioning', INTERVIEW, 'rarely', 'The hottest day of the year.'),
  yesNo('hot-soon', 'Hot within minutes of starting', INTERVIEW, 'almostNever', 'Gauges jump.'),
  yesNo('heater-cold', 'Heater cold while the engine is warm', INTERVIEW, 'rarely', 'Settings are misread.'),
  yesNo('heater-weak-idle', 'Heater cold standing, warm when revved', INTERVIEW, 'rarely', 'Some heaters are weak at idle and right.'),
  yesNo('heat-in-bursts', 'Heat comes and goes', INTERVIEW, 'rarely', 'Automatic controls hunt.'),
  yesNo('gurgle', 'Gurgling behind the dash', INTERVIEW, 'rarely', 'Drains and ducts gurgle too.'),
  yesNo('heater-since-work', 'No heat since work on the heater or its hoses', INTERVIEW, 'almostNever', 'Work and fault can fall together.'),
  yesNo('never-warms', 'Never warms up on the road', INTERVIEW, 'rarely', 'Winter and a big radiator keep some cool.'),
  yesNo('ac-weak-idle', 'Air conditioning weak standing, good moving', INTERVIEW, 'rarely', 'A low charge does it too.'),
  yesNo('vents-weak', 'Little air from the vents', INTERVIEW, 'rarely', 'Flaps and settings.'),
  yesNo('belt-squeal', 'Belt squeals or charge light on', INTERVIEW, 'rarely', 'A wet belt squeals once.'),
  yesNo('fan-roars', 'Fan roars all the time', INTERVIEW, 'rarely', 'Loud fans are taken for it.'),
  yesNo('vibration', 'Vibration that rises with engine speed', INTERVIEW, 'rarely', 'Mounts and tyres do it.'),
  yesNo('gauge-only', 'Only the needle is odd, nothing else', INTERVIEW, 'seldom', 'Many look at nothing else.'),
  yesNo('needle-normal', 'Needle stands where it always stood', INTERVIEW, 'rarely', 'Drivers grow anxious.'),
  yesNo('overheated-before', 'Driven very hot before', INTERVIEW, 'seldom', 'It happened to many.'),
  yesNo('gasket-done-before', 'Head gasket done before, and it came back', INTERVIEW, 'practicallyNever', 'A rare history.'),
  yesNo('belt-or-fan-work', 'Belt, fan or its wiring worked on lately', INTERVIEW, 'rarely', 'Belts are changed often.'),
  yesNo('front-work', 'Front, undertray or bumper off lately', INTERVIEW, 'rarely', 'Covers come off at many services.'),
  yesNo('sealant-added', 'Sealant was poured in', INTERVIEW, 'almostNever', 'Few admit it.'),
  yesNo('slow-over-months', 'Grew slowly over months', INTERVIEW, 'seldom', 'Memory makes things slow.'),
  yesNo('heavy-load', 'Only with a load beyond the usual', INTERVIEW, 'rarely', 'Depots load heavily.'),
  yesNo('low-power', 'Low power, pinging or a dragging brake', INTERVIEW, 'rarely', 'Age takes power.'),
  yesNo('cooling-code', 'Trouble code or lamp of the cooling side', INTERVIEW, 'rarely', 'Codes are left over from work.'),
]

export const LEVEL_SIGNS: readonly Sign[] = [
  {
    id: 'level-cold', name: 'Cold level', states: ['right', 'low', 'empty'], check: LEVEL,
    leak: { low: 'rarely', empty: 'practicallyNever' }, leakBecause: 'Read against the wrong mark.',
  },
  {
    id: 'residual-pressure', name: 'Pressure left after a cold night', states: ['none', 'some', 'strong'], check: LEVEL,
    leak: { some: 'seldom', strong: 'almostNever' }, leakBecause: 'A warm morning leaves a breath; strong and cold means gas was made.',
    overrides: [{ by: 'pressure-lost', atLeast: { some: 'rarely', strong: 'practicallyNever' }, because: 'What does not hold lets any pressure go before morning, whatever made it.' }],
  },
  yesNo('oil-in-coolant', 'Oil in the coolant', LEVEL, 'almostNever', 'Assembly grease and stop-leak float too.'),
  yesNo('emulsion-in-oil', 'Emulsion in the engine oil', LEVEL, 'rarely', 'Short trips in the cold make froth by condensation.'),
  yesNo('pink-froth', 'Pink froth: gearbox fluid in the coolant', LEVEL, 'practicallyNever', 'Coloured coolants mislead.'),
  {
    id: 'coolant-dirt', name: 'Look of the coolant', states: ['clear', 'brown', 'sludge'], check: LEVEL,
    leak: { brown: 'seldom', sludge: 'almostNever' }, leakBecause: 'Old coolant browns in any system.',
  },
  yesNo('gel', 'Gel or two colours: coolants mixed', LEVEL, 'practicallyNever', 'Nothing but mixing makes gel; dirt is seldom taken for it.'),
  yesNo('mix-off', 'Mix too thin or too strong', LEVEL, 'seldom', 'Few systems hold what is written on them.'),
  yesNo('liquid-is-water', 'Liquid under it is plain water', LEVEL, 'rarely', 'Rain and wash water.'),
]

export const LOOK_SIGNS: readonly Sign[] = [
  ...PARTS.filter((part) => part !== 'fan').flatMap((part): Sign[] => [
    {
      id: `wet:${part}`, name: `${PART_NAMES[part]}: what is seen`, states: ['dry', 'stained', 'wet'], check: LOOK,
      leak: { stained: 'seldom', wet: 'almostNever' }, leakBecause: 'Road splash and old repairs leave stains, seldom wetness.',
    },
    yesNo(`issuing:${part}`, `${PART_NAMES[part]}: coolant seen issuing`, LOOK, 'practicallyNever', 'What is seen coming out is seldom something else.'),
  ]),
  yesNo('fins-blocked', 'Fins of the radiator matted or bent', LOOK, 'rarely', 'Some dirt is on every radiator.'),
  yesNo('stack-blocked', 'Matted between condenser and radiator', LOOK, 'rarely', 'Some dirt is in every stack.'),
  yesNo('shroud-broken', 'Shroud missing or broken', LOOK, 'rarely', 'Small cracks do no harm.'),
  yesNo('blades-broken', 'Fan blades damaged', LOOK, 'almostNever', 'Chipped tips do little.'),
  yesNo('duct-missing', 'Air dam, duct or undertray missing', LOOK, 'seldom', 'Undertrays get lost and little happens.'),
  yesNo('hose-flat-cold', 'Hose drawn flat when cold', LOOK, 'rarely', 'Soft hoses dent.'),
  yesNo('lower-hose-soft', 'Lower hose soft, spring missing', LOOK, 'rarely', 'All hoses soften.'),
  yesNo('tank-bulged', 'Tank bulged', LOOK, 'rarely', 'Old tanks swell a little.'),
  yesNo('crunch-in-hoses', 'Crunching or deposits inside the hoses', LOOK, 'rarely', 'Old rubber feels rough.'),
]

export const TRACE_SIGNS: readonly Sign[] = LEAK_PLACES.map((p) =>
  yesNo(`traced:${p.id}`, `Traced to: ${p.name.toLowerCase()}`, 'leak-trace', 'practicallyNever', 'A trace that ends at a dry place is rare.'),
)

const HOLD_STATES = ['tight', 'seep', 'leak', 'gross'] as const
const hold = (id: string, name: string, check: string): Sign => ({
  id, name, states: HOLD_STATES, check,
  leak: { seep: 'rarely', leak: 'almostNever', gross: 'practicallyNever' },
  leakBecause: 'A weeping adapter joint or a cooling system now and then fakes a seep, hardly ever more.',
})

export const PRESSURE_SIGNS: readonly Sign[] = [
  hold('hold-cold', 'Cold pressure hold', 'pressure-hold'),
  hold('hold-without-heater', 'Cold hold with the heater core isolated', 'pressure-hold'),
  hold('hold-without-coolers', 'Cold hold with oil, gearbox and EGR coolers isolated', 'pressure-hold'),
  hold('hold-hot', 'Hot pressure hold', 'hot-hold'),
  yesNo('tray-wet', 'Coolant in the tray after the hold', 'pressure-hold', 'rarely', 'Old coolant shaken loose can drip.'),
  yesNo('cylinder-wet', 'Coolant in a cylinder', 'endoscope', 'practicallyNever', 'Fuel or oil is seldom taken for coolant.'),
  yesNo('air-hiss', 'Hiss of air under pressure', 'pressure-hold', 'almostNever', 'A hiss at the adapter itself can mislead.'),
  yesNo('vacuum-falls', 'Vacuum does not hold', 'vacuum-decay', 'rarely', 'Adapters leak under vacuum more than under pressure.'),
  yesNo('cap-opens-early', 'Cap opens below its band', 'cap', 'almostNever', 'The adapter seal can leak and look like it.'),
  yesNo('cap-opens-late', 'Cap opens above its band', 'cap', 'almostNever', 'A sticky adapter needle can look like it.'),
  yesNo('cap-will-not-hold', 'Cap does not hold for a minute', 'cap', 'rarely', 'A dry seal on a dry adapter leaks.'),
  yesNo('cap-vacuum-stuck', 'Vacuum valve of the cap is stuck', 'cap', 'almostNever', 'Deposits can hold a sound valve for one try.'),
  yesNo('cap-wrong', 'Cap is not the right one for its place', 'cap', 'almostNever', 'Markings wear and are misread.'),
  yesNo('cap-seal-damaged', 'Seal of the cap is cut or swollen', 'cap', 'rarely', 'Old seals look worn and still seal.'),
  yesNo('cranking-rise', 'Pressure rises while cranking', 'cranking-rise', 'practicallyNever', 'A knock on the gauge hose can look like it.'),
  yesNo('clutch-free-cold', 'Fan clutch turns freely, cold', 'fan-by-hand', 'sometimes', 'Many sound clutches turn freely when cold.'),
  yesNo('clutch-seized', 'Fan clutch cannot be turned against the pulley', 'fan-by-hand', 'almostNever', 'Stiff cold fluid.'),
  yesNo('clutch-streaks', 'Fluid streaks from the fan clutch', 'fan-by-hand', 'rarely', 'Old dirt looks oily.'),
  yesNo('pulley-play', 'Pump shaft rocks', 'fan-by-hand', 'almostNever', 'Clutch play is taken for it.'),
  yesNo('belt-slips', 'Belt slips or is loose', 'belt-and-pump', 'rarely', 'Every belt gives a little.'),
  yesNo('pump-still', 'Pump does not turn with the engine', 'belt-and-pump', 'practicallyNever', 'It is hard to see past the pulley.'),
  yesNo('belt-misrouted', 'Belt runs the pump the wrong way', 'belt-and-pump', 'practicallyNever', 'Diagrams are misread.'),
  yesNo('sensor-off-cold', 'Coolant sensor off after a cold night', 'cold-soak', 'rarely', 'Sun on the bonnet.'),
  yesNo('wiring-bad', 'Sensor reading jumps when its wiring is moved', 'cold-soak', 'almostNever', 'Any plug moves a little.'),
  yesNo('fan-feed-dead', 'No supply at the fan plug', 'fan-circuit', 'almostNever', 'A probe off the pin.'),
  yesNo('fan-relay-fails', 'Relay does not pass what it is given', 'fan-circuit', 'almostNever', 'Bridges slip.'),
  yesNo('fan-command-missing', 'No command though the switching place is hot', 'fan-circuit', 'almostNever', 'The place was not as hot as thought.'),
  yesNo('fan-bridged-runs', 'Fan runs when the switch is bridged and not otherwise', 'fan-circuit', 'practicallyNever', 'It would have started by itself.'),
  yesNo('fan-bridged-dead', 'Fan dead though relay or switch is bridged', 'fan-circuit', 'almostNever', 'A bridge that does not touch.'),
  yesNo('fan-ground-bad', 'Voltage lost in the ground under load', 'fan-circuit', 'almostNever', 'Long test leads.'),
  yesNo('fan-fed-dead', 'Fan dead when fed directly, or with all at its plug', 'fan-circuit', 'practicallyNever', 'A fuse in the test lead.'),
  yesNo('fan-speed-missing', 'One speed of the fan is missing', 'fan-circuit', 'rarely', 'Speeds are hard to tell apart.'),
  yesNo('fan-wrong-way', 'Fan blows the wrong way', 'fan-circuit', 'practicallyNever', 'A paper does not lie.'),
]
