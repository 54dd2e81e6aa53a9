import fc from 'fast-check'
import type { SignReading } from '../inference/sign-reading'
import { SIGNS } from '../knowledge/signs'
import type { Entry } from './context'
import type { Check } from './define-check'
import { hold, recordsOf } from './pressure-hold/hold.fixture'
import { entriesOf } from './random-record.fixture'
import { ALL_CHECKS } from './registry'
import { runOf } from './warm-up-run/loop.fixture'

/** What each verdict of a check says of its own signs: "+" that they are abnormal, "-" that they are not. */
const SAYS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'level-and-condition': {
    right: '-level-cold',
    low: '+level-cold',
    empty: '+level-cold',
    'not-drawn-back': '+not-drawn-back +level-cold',
    'radiator-low': '+level-cold',
    'radiator-empty': '+level-cold',
    overfull: '-level-cold +filled-above-mark',
    'oil-in-coolant': '+oil-in-coolant',
    'coolant-in-oil': '+emulsion-in-oil',
    'pressure-left': '+residual-pressure',
    brown: '+coolant-dirt',
    sludge: '+coolant-dirt',
    mixed: '+gel',
    sealant: '+sealant-added',
    'gearbox-fluid': '+pink-froth',
    'water-below': '+liquid-is-water',
  },
  'look-round': {
    fins: '+fins-blocked',
    stack: '+stack-blocked',
    shroud: '+shroud-broken',
    blades: '+blades-broken',
    duct: '+duct-missing',
    tank: '+tank-bulged',
    lowerHose: '+lower-hose-soft',
    upperHoseCold: '+hose-flat-cold',
    insideHoses: '+crunch-in-hoses',
  },
  'earlier-work': {
    held: '-hold-cold',
    fell: '+hold-cold',
    'fell-at-once': '+hold-cold',
    'could-not-be-pressed': '+hold-cold',
  },
  'felt-by-hand': {
    'hose-drawn-flat': '+lower-hose-flat',
    'held-back-cold': '+opening-late',
    'radiator-cold': '+radiator-cold',
    'heater-cold': '+heater-inlet-cool',
    'heater-drop': '+heater-drop',
    'cold-places': '+radiator-patches',
  },
  mix: { right: '-mix-off', 'too-strong': '+mix-off', 'too-thin': '+mix-off' },
  cap: {
    good: '-cap-opens-early -cap-opens-late -cap-will-not-hold',
    'opens-early': '+cap-opens-early',
    'opens-late': '+cap-opens-late -cap-opens-early',
    'will-not-hold': '+cap-will-not-hold',
    'wrong-for-place': '+cap-wrong',
    'vacuum-stuck': '+cap-vacuum-stuck',
    'seal-damaged': '+cap-seal-damaged',
    'found-loose': '+cap-left-loose',
  },
  'pressure-hold': {
    tight: '-hold-cold -hold-hot -hold-without-heater -hold-without-coolers',
    seep: '+hold-cold +hold-hot +hold-without-heater +hold-without-coolers',
    leak: '+hold-cold +hold-hot +hold-without-heater +hold-without-coolers',
    gross: '+hold-cold +hold-hot +hold-without-heater +hold-without-coolers',
  },
  'fan-by-hand': {
    'clutch-seized': '+clutch-seized -clutch-free-cold',
    'clutch-dragging': '-clutch-seized -clutch-free-cold',
    'pump-bearing': '+pulley-play +bearing-rough',
    'clutch-bearing': '-pulley-play',
    streaks: '+clutch-streaks',
    'blades-damaged': '+blades-broken',
  },
  'belt-and-pump': {
    still: '+pump-still',
    slipping: '+belt-slips',
    wobbles: '+pulley-play',
    bearing: '+bearing-rough',
    misrouted: '+belt-misrouted',
    'drive-good': '-pump-still -belt-slips -pulley-play -belt-misrouted -bearing-rough',
  },
  'cold-soak': {
    agrees: '-sensor-off-cold',
    biased: '+sensor-off-cold',
    'resistance-right': '-sensor-resistance-off',
    'resistance-off': '+sensor-resistance-off',
  },
  'fan-circuit': {
    relay: '+fan-relay-fails',
    ground: '+fan-ground-bad',
    motor: '+fan-fed-dead',
    control: '+fan-command-missing',
    speeds: '+fan-speed-missing',
    direction: '+fan-wrong-way',
    'no-break-found':
      '-fan-feed-dead -fan-fuse-blown -fan-relay-fails -fan-ground-bad -fan-fed-dead -fan-speed-missing -fan-wrong-way',
  },
  'vacuum-decay': { falls: '+vacuum-falls', holds: '-vacuum-falls' },
  'cranking-rise': { rise: '+cranking-rise', 'no-rise': '-cranking-rise' },
  endoscope: {
    'steam-cleaned': '+cylinder-wet',
    'coolant-in-cylinder': '+cylinder-wet',
    dry: '-cylinder-wet',
  },
  'warm-up-run': { 'never-opened': '+opening-late', 'open-from-start': '+opening-early' },
  'running-pressure': {
    'rises-before-warm': '+pressure-early',
    'never-rises': '+pressure-never -pressure-early',
    normal: '-pressure-early',
  },
  'sensor-agreement': { agree: '-scan-disagrees', disagree: '+scan-disagrees' },
  'fan-in-action': {
    works: '-fan-late -fan-always',
    late: '+fan-late -fan-always',
    never: '+fan-late -fan-always',
    'second-never': '+fan-speed-missing',
    'always-on': '+fan-always',
    'not-called-for': '0fan-late',
  },
  'clutch-hot': {
    grips: '-clutch-slips-hot -clutch-locked',
    slips: '+clutch-slips-hot -clutch-locked',
    locked: '+clutch-locked',
  },
  heater: {
    works: '-heater-inlet-cool -heater-drop -vent-cold -air-weak',
    'no-flow': '+heater-inlet-cool',
    'core-or-valve': '+heater-drop',
    'one-side': '+one-side-cold -heater-drop',
    'air-side': '-heater-drop',
    'not-judged': '0heater-inlet-cool',
  },
  'radiator-survey': {
    patches: '+radiator-patches',
    'cold-all-over': '+radiator-cold',
    'little-flow': '+radiator-drop-large',
    'air-side': '+radiator-hot-through -radiator-drop-large',
    free: '-radiator-drop-large -radiator-hot-through -radiator-cold -radiator-patches',
  },
  'pump-delivery': { 'suction-hose-flat': '+lower-hose-flat' },
  'chemical-gas-test': {
    positive: '+gas-in-coolant',
    doubtful: '+gas-in-coolant',
    'negative-valid': '-gas-in-coolant',
    'negative-invalid': '-gas-in-coolant',
  },
  'gas-analyser': {
    positive: '+gas-in-coolant',
    'negative-valid': '-gas-in-coolant',
    'negative-invalid': '-gas-in-coolant',
  },
  'level-creep': { bubbling: '+bubbling', steady: '-creep', 'keeps-rising': '+creep' },
  actuators: Object.fromEntries(
    Object.entries({ follows: '-', stuck: '+', 'not-supplied': '+' }).map(([state, way]) => [
      state,
      [
        'pump-command',
        'pump-switch',
        'module-command',
        'map-heater-dead',
        'aux-pump-still',
        'valve-command',
        'shutter-shut',
        'clutch-command',
        'door-command',
      ]
        .map((sign) => way + sign)
        .join(' '),
    ]),
  ),
  'load-run': {
    'hot-idle': '+hot-at-idle',
    'hot-town': '+hot-at-idle',
    'hot-climb': '+hot-at-load',
    'hot-cruise': '+hot-at-load',
    steady: '-hot-at-idle -hot-at-load',
    'stays-cool': '+never-warms -hot-at-load -hot-at-idle',
  },
  'thermostat-bath': {
    good: '-bath-late -bath-early -bath-lift-low -rating-wrong -thermostat-missing',
    'opens-late': '+bath-late -bath-early',
    'opens-early': '+bath-early -bath-late',
    'stuck-shut': '+bath-late -bath-early',
    'stuck-open': '+bath-early -bath-late',
    'low-lift': '+bath-lift-low',
    'wrong-rating': '+rating-wrong',
    missing: '+thermostat-missing',
  },
  'radiator-flow': { restricted: '+flow-restricted', passes: '-flow-restricted' },
  'pump-off': {
    'impeller-loose-on-shaft': '+impeller-bad',
    'impeller-broken': '+impeller-bad',
    'impeller-worn': '+impeller-bad',
    'impeller-sound': '-impeller-bad',
    'seal-worn': '+pump-seal-worn',
    'bearing-worn': '+bearing-rough',
  },
  'cylinder-leakage': {
    'leaks-to-coolant': '+leakage-bubbles',
    'leaks-elsewhere': '-leakage-bubbles',
    tight: '-leakage-bubbles',
  },
  'cooler-test': Object.fromEntries(
    Object.entries({ leaks: '+', tight: '-' }).map(([state, way]) => [
      state,
      [
        'oil-cooler-fails',
        'gearbox-cooler-fails',
        'egr-cooler-fails',
        'sleeve-leaks',
        'sump-drip',
        'compressor-gas',
      ]
        .map((sign) => way + sign)
        .join(' '),
    ]),
  ),
  teardown: {
    cracked: '+head-crack +block-crack',
    'liner-out': '+block-crack',
    warped: '+face-warped',
    flat: '-face-warped',
  },
  'level-follow-up': { lower: '+level-falls-after', 'at-mark': '-level-falls-after' },
}

/** Readings of a run that hang together, where random ones would be of no vehicle. */
const TOGETHER: Readonly<Record<string, fc.Arbitrary<Entry[]>>> = {
  'pressure-hold': fc
    .record({
      fall: fc.oneof(fc.constant(0), fc.double({ min: 0.01, max: 6, noNaN: true })),
      engine: fc.constantFrom('cold' as const, 'hot' as const),
      isolated: fc.constantFrom<('heater-core' | 'coolers')[]>([], ['heater-core'], ['coolers']),
      resolutionKPa: fc.constantFrom(0.1, 1, 5),
    })
    .map(({ fall, ...start }) => recordsOf(hold(fall, start, { tray: 'dry' }))),
  'warm-up-run': fc
    .record({
      opens: fc.option(fc.integer({ min: 70, max: 112 }), { nil: undefined }),
      fromStart: fc.boolean(),
      settles: fc.option(fc.integer({ min: 55, max: 95 }), { nil: undefined }),
      minutes: fc.integer({ min: 12, max: 30 }),
    })
    .map((loop) => runOf(loop)),
}

/** Checks whose verdicts say something of their own signs. */
export const SPEAKING = ALL_CHECKS.filter(({ id }) => id in SAYS)

/** What a verdict of a check says of its signs; "0" that it says nothing. */
export const saidBy = (check: Check, state: string): { way: '+' | '-' | '0'; sign: string }[] =>
  (SAYS[check.id]?.[state]?.split(' ') ?? []).map((said) => ({
    way: said[0] as '+' | '-' | '0',
    sign: said.slice(1),
  }))

/** Valid records of a check, drawn at random. */
export const drawnOf = (check: Check, numRuns: number): Entry[][] =>
  fc.sample(TOGETHER[check.id] ?? entriesOf(check, { each: 1, inRun: 5 }), { numRuns, seed: 11 })

const STATES = new Map(SIGNS.map(({ id, states }) => [id, states]))

/** How much readings of one sign speak for something abnormal, log10; their doubts included. */
export function speaks(readings: readonly SignReading[]): number {
  return readings.reduce((sum, { sign, likelihood, validity }) => {
    const [normal, ...abnormal] = STATES.get(sign)!
    const no = likelihood[normal!] ?? 0
    const yes = Math.max(...abnormal.map((state) => likelihood[state] ?? 0))
    const doubt = (1 - validity) * Math.max(no, yes)
    return sum + Math.log10((validity * yes + doubt) / (validity * no + doubt))
  }, 0)
}
