import type { SystemProfile } from '../casefile/profile'
import { partsOf } from '../casefile/profile'
import type { Complaint } from '../casefile/complaint'
import { QUESTIONS } from '../checks/interview/questions'
import { LEAK_PLACES } from '../knowledge/places'

export const PHASES = ['any', 'cold', 'warm-up', 'hot', 'road', 'bench'] as const
export type Phase = (typeof PHASES)[number]

/** What a check costs and what it can settle. Minutes are hands-on; waiting and cool-downs come from the phase. */
export interface CheckCost {
  check: string
  phase: Phase
  minutes: number
  /** parts disturbed: removing them costs these minutes besides, and lets coolant out */
  apartMinutes?: number
  /** can be done only where each named field of the profile is unknown, absent, or one of the values */
  needs?: { [K in keyof SystemProfile]?: readonly unknown[] }
  /** the shop cannot do it before these checks were done, by id */
  after?: readonly string[]
  signs: (profile: SystemProfile, complaint: Complaint) => readonly string[]
  why: string
}

const VISCOUS = { fan: ['viscous-clutch'] } as const
const ELECTRIC = { fan: ['electric-relay', 'electric-module', 'thermo-switch'] } as const
const these =
  (...signs: string[]) =>
  () =>
    signs

export const CHECK_COSTS: readonly CheckCost[] = [
  {
    check: 'interview',
    phase: 'any',
    minutes: 6,
    signs: (_, complaint) => QUESTIONS.filter((q) => q.for.includes(complaint)).map((q) => q.sign),
    why: 'The keeper knows more than the gauge.',
  },
  {
    check: 'level-and-condition',
    phase: 'cold',
    minutes: 3,
    signs: these(
      'level-cold',
      'residual-pressure',
      'oil-in-coolant',
      'emulsion-in-oil',
      'pink-froth',
      'coolant-dirt',
      'gel',
      'liquid-is-water',
    ),
    why: 'A look, and nothing can be opened later.',
  },
  { check: 'mix', phase: 'cold', minutes: 3, signs: these('mix-off'), why: 'A drop on the glass.' },
  {
    check: 'cap',
    phase: 'cold',
    minutes: 5,
    signs: these(
      'cap-opens-early',
      'cap-opens-late',
      'cap-will-not-hold',
      'cap-vacuum-stuck',
      'cap-wrong',
      'cap-seal-damaged',
    ),
    why: 'The hold does not test it.',
  },
  {
    check: 'look-round',
    phase: 'cold',
    minutes: 12,
    signs: (profile) => [
      ...partsOf(profile)
        .filter((p) => p !== 'fan')
        .flatMap((p) => [`wet:${p}`, `issuing:${p}`]),
      'fins-blocked',
      'stack-blocked',
      'shroud-broken',
      'blades-broken',
      'duct-missing',
      'hose-flat-cold',
      'lower-hose-soft',
      'tank-bulged',
      'crunch-in-hoses',
    ],
    why: 'Eyes and a lamp.',
  },
  {
    check: 'pressure-hold',
    phase: 'cold',
    minutes: 15,
    signs: these('hold-cold', 'tray-wet', 'air-hiss'),
    why: 'Tight, or how fast.',
  },
  {
    check: 'leak-trace',
    phase: 'cold',
    minutes: 15,
    after: ['pressure-hold'],
    signs: () => LEAK_PLACES.map((p) => `traced:${p.id}`),
    why: 'Where it comes out.',
  },
  {
    check: 'endoscope',
    phase: 'cold',
    minutes: 35,
    after: ['pressure-hold'],
    signs: these('cylinder-wet'),
    why: 'A cylinder seen wet is proof.',
  },
  {
    check: 'cranking-rise',
    phase: 'cold',
    minutes: 15,
    signs: these('cranking-rise'),
    why: 'A gas path, before anything is warm.',
  },
  {
    check: 'vacuum-decay',
    phase: 'cold',
    minutes: 8,
    signs: these('vacuum-falls'),
    why: 'Suction opens what pressure shuts.',
  },
  {
    check: 'fan-by-hand',
    phase: 'cold',
    minutes: 3,
    needs: VISCOUS,
    signs: these('clutch-free-cold', 'clutch-seized', 'clutch-streaks', 'pulley-play'),
    why: 'A hand on the fan.',
  },
  {
    check: 'belt-and-pump',
    phase: 'cold',
    minutes: 5,
    signs: these('belt-slips', 'pump-still', 'belt-misrouted', 'pulley-play'),
    why: 'Does it turn at all.',
  },
  {
    check: 'cold-soak',
    phase: 'cold',
    minutes: 4,
    signs: these('sensor-off-cold', 'wiring-bad'),
    why: 'The sensor against the morning air.',
  },
  {
    check: 'fan-circuit',
    phase: 'cold',
    minutes: 20,
    needs: ELECTRIC,
    signs: these(
      'fan-feed-dead',
      'fan-relay-fails',
      'fan-command-missing',
      'fan-bridged-runs',
      'fan-bridged-dead',
      'fan-ground-bad',
      'fan-fed-dead',
      'fan-speed-missing',
      'fan-wrong-way',
    ),
    why: 'Which link breaks.',
  },
  {
    check: 'warm-up-run',
    phase: 'warm-up',
    minutes: 25,
    signs: these(
      'opening-late',
      'opening-early',
      'plateau-low',
      'overshoot',
      'wanders',
      'scan-disagrees',
      'dash-disagrees',
    ),
    why: 'Opening, plateau and sensors in one.',
  },
  {
    check: 'running-pressure',
    phase: 'warm-up',
    minutes: 12,
    signs: these('pressure-early', 'pressure-never'),
    why: 'Gas presses before warmth does.',
  },
  {
    check: 'sensor-agreement',
    phase: 'hot',
    minutes: 4,
    signs: these('scan-disagrees', 'dash-disagrees'),
    why: 'A second thermometer.',
  },
  {
    check: 'fan-in-action',
    phase: 'hot',
    minutes: 8,
    needs: ELECTRIC,
    signs: these('fan-late', 'fan-no-effect', 'fan-always', 'fan-ac-dead'),
    why: 'Does it start where it should.',
  },
  {
    check: 'clutch-hot',
    phase: 'hot',
    minutes: 5,
    needs: VISCOUS,
    signs: these('clutch-slips-hot', 'clutch-locked'),
    why: 'Hot drag carries most.',
  },
  {
    check: 'heater',
    phase: 'hot',
    minutes: 6,
    signs: these(
      'heater-inlet-cool',
      'heater-drop',
      'vent-cold',
      'one-side-cold',
      'flow-reversed',
      'air-weak',
    ),
    why: 'Two hoses and a vent tell the side.',
  },
  {
    check: 'radiator-survey',
    phase: 'hot',
    minutes: 10,
    signs: these(
      'radiator-cold',
      'radiator-patches',
      'radiator-hot-through',
      'radiator-drop-large',
    ),
    why: 'Where the face is cold.',
  },
  {
    check: 'pump-delivery',
    phase: 'hot',
    minutes: 12,
    signs: these('delivery', 'lower-hose-flat'),
    why: 'What the pump makes.',
  },
  {
    check: 'chemical-gas-test',
    phase: 'hot',
    minutes: 10,
    signs: these('gas-in-coolant'),
    why: 'A colour change is strong.',
  },
  {
    check: 'gas-analyser',
    phase: 'hot',
    minutes: 6,
    signs: these('gas-in-coolant'),
    why: 'Hydrocarbons over the neck.',
  },
  {
    check: 'hot-hold',
    phase: 'hot',
    minutes: 15,
    signs: these('hold-hot'),
    why: 'Leaks that open hot.',
  },
  {
    check: 'level-creep',
    phase: 'hot',
    minutes: 15,
    signs: these('creep', 'bubbling'),
    why: 'Rises and holds, or keeps rising.',
  },
  {
    check: 'actuators',
    phase: 'hot',
    minutes: 10,
    signs: these(
      'pump-command',
      'pump-switch',
      'module-command',
      'map-heater-dead',
      'aux-pump-still',
      'valve-command',
      'shutter-shut',
      'clutch-command',
      'door-command',
    ),
    why: 'Commanded against actual.',
  },
  {
    check: 'load-run',
    phase: 'road',
    minutes: 40,
    signs: these(
      'hot-at-idle',
      'hot-at-load',
      'hot-with-ac',
      'load-beyond',
      'margin-thin',
      'never-warms',
    ),
    why: 'The complaint, measured.',
  },
  {
    check: 'thermostat-bath',
    phase: 'bench',
    minutes: 20,
    apartMinutes: 40,
    signs: these('bath-late', 'bath-early', 'bath-lift-low', 'rating-wrong', 'thermostat-missing'),
    why: 'The run alone condemns no thermostat.',
  },
  {
    check: 'radiator-flow',
    phase: 'bench',
    minutes: 15,
    apartMinutes: 60,
    signs: these('flow-restricted'),
    why: 'What goes in must come out.',
  },
  {
    check: 'pump-off',
    phase: 'bench',
    minutes: 10,
    apartMinutes: 110,
    signs: these('impeller-bad', 'pump-seal-worn'),
    why: 'The impeller, seen.',
  },
  {
    check: 'cylinder-leakage',
    phase: 'bench',
    minutes: 40,
    signs: these('leakage-bubbles'),
    why: 'Air in the cylinder, bubbles in the neck.',
  },
  {
    check: 'cooler-test',
    phase: 'bench',
    minutes: 25,
    apartMinutes: 40,
    signs: these(
      'oil-cooler-fails',
      'gearbox-cooler-fails',
      'egr-cooler-fails',
      'sleeve-leaks',
      'sump-drip',
      'compressor-gas',
    ),
    why: 'Isolated one by one.',
  },
  {
    check: 'teardown',
    phase: 'bench',
    minutes: 60,
    apartMinutes: 420,
    signs: these('head-crack', 'block-crack', 'face-warped', 'gasket-trace', 'manifold-pitted'),
    why: 'The last word, and the dearest.',
  },
  {
    check: 'level-follow-up',
    phase: 'any',
    minutes: 5,
    signs: these('level-falls-after'),
    why: 'A week of patience.',
  },
]

export const costOf = (check: string): CheckCost | undefined =>
  CHECK_COSTS.find((c) => c.check === check)

/** A check can be done on this vehicle unless a known field of its profile says otherwise. */
export function canBeDone(cost: CheckCost, profile: SystemProfile): boolean {
  return Object.entries(cost.needs ?? {}).every(([field, allowed]) => {
    const value = profile[field as keyof SystemProfile]
    return (
      value === undefined || value === 'unknown' || (allowed as readonly unknown[]).includes(value)
    )
  })
}
