import { at, brings, cost, fault, guard, leadsTo, priors, yes } from './fault-builder'
import type { Level, Prior } from './levels'
import type { Effect, Fault, Guard, RepairCost } from './types'

const ELECTRIC = { fan: ['electric-relay', 'electric-module', 'thermo-switch'] }
const loadProof = 'Load run covering the complaint, temperature steady.'
const idleProof = 'Half an hour at idle with air conditioning, temperature steady.'
const fanProof = 'Fan starts and stops at its temperatures without air conditioning.'
const switchingHot = guard('switching-place-hot', 'The place that switches it shown hot')
const poweredAtPlug = guard(
  'measured-under-load',
  'Power and ground measured at the plug under load',
  'fan-plug-measured',
)

const hotIdle = [
  yes('hot-at-idle', 'nearlyAlways', 'No air when the vehicle makes none.'),
  yes('ac-weak-idle', 'often', 'The condenser starves too.'),
  yes('hot-with-ac', 'even', 'Air conditioning adds heat in front.'),
]
const hotLoad = [
  yes('hot-at-load', 'mostly', 'At speed it is the air that lacks.'),
  yes('hot-with-ac', 'often', 'Heat takes what margin is left.'),
]

interface FanRow {
  id: string
  name: string
  what: string
  hot: Prior
  because: string
  needs?: Fault['needs']
  own: Effect[]
  guards: Guard[]
  cost: RepairCost
  /** does air conditioning still start it? */
  runsWithAc: boolean
  /** how often a control that watches the circuit sets a code */
  code: Level
  /** how it runs where not all of it is lost; one that is dead unless said */
  running?: readonly Effect[]
}

const DEAD_FAN = [
  yes('fan-not-heard', 'mostly', 'It does not run.'),
  at(
    'fan-late',
    { late: 'nearlyAlways', never: 'mostly' },
    'It does not start at its temperature.',
  ),
]
const WEAK_FAN = [
  yes('fan-not-heard', 'sometimes', 'It runs seldom, or softly.'),
  at('fan-late', { late: 'often', never: 'sometimes' }, 'It starts late, or not at all.'),
  yes('fan-no-effect', 'often', 'It turns, and moves little air.'),
  yes('fan-ac-dead', 'even', 'With air conditioning it does no better.'),
  yes('fan-no-effect', 'even', 'It turns, and too slowly to cool.'),
]

/** One speed is lost, or all of them. */
const FAN_OF_FEWER_SPEEDS = [
  yes('fan-not-heard', 'even', 'Standing, it waits for the speed that was lost.'),
  at('fan-late', { late: 'often', never: 'even' }, 'It starts with the speed that is left.'),
  yes('ac-weak-idle', 'even', 'The condenser lacks that speed, too.'),
]

const fanFault = (row: FanRow): Fault =>
  fault({
    id: row.id,
    name: row.name,
    what: row.what,
    part: 'fan',
    group: 'air',
    needs: row.needs ?? ELECTRIC,
    prior: priors('exceptional', row.hot, 'exceptional'),
    priorBecause: row.because,
    effects: [
      ...hotIdle.filter((e) => !row.runsWithAc || e.sign === 'hot-at-idle'),
      ...(row.running ?? DEAD_FAN),
      ...(row.runsWithAc || row.running
        ? []
        : [yes('fan-ac-dead', 'nearlyAlways', 'Nor with air conditioning.')]),
      ...row.own,
      yes('fan-code', row.code, 'A control that watches its fan circuit sees it.'),
    ],
    guards: row.guards,
    cost: row.cost,
    proof: fanProof,
  })

export const AIR_FAULTS: readonly Fault[] = [
  fault({
    id: 'radiator-debris',
    name: 'Debris or bent fins',
    what: 'The radiator face is matted or its fins are flat.',
    part: 'radiator',
    group: 'air',
    prior: priors('exceptional', 'common', 'exceptional'),
    priorBecause: 'Insects, leaves and salt.',
    effects: [
      ...hotLoad,
      yes('hot-at-idle', 'sometimes', 'When it is thick.'),
      yes('fins-blocked', 'nearlyAlways', 'Seen from the front.'),
      yes('radiator-hot-through', 'often', 'Hot all over, nothing taken off.'),
      yes('fan-no-effect', 'sometimes', 'The fan pulls against it.'),
      yes('slow-over-months', 'even', 'Dirt gathers.'),
    ],
    guards: [
      guard(
        'looked-both-sides',
        'Looked at from both sides and found blocked',
        'looked-both-sides + fins-blocked',
      ),
    ],
    cost: cost(0.1, 60),
    proof: loadProof,
  }),
  fault({
    id: 'condenser-stack-blocked',
    name: 'Condenser stack blocked',
    what: 'Matted between condenser and radiator, where nobody sees it.',
    part: 'radiator',
    group: 'air',
    prior: priors('exceptional', 'fairlyCommon', 'exceptional'),
    priorBecause: 'Hidden between the cores.',
    effects: [
      ...hotLoad,
      yes('hot-at-idle', 'sometimes', 'When it is thick.'),
      yes('stack-blocked', 'nearlyAlways', 'Seen when the cores are parted.'),
      yes('ac-weak-idle', 'even', 'The condenser starves too.'),
      yes('radiator-hot-through', 'often', 'Hot all over, nothing taken off.'),
      yes('slow-over-months', 'even', 'Dirt gathers.'),
    ],
    guards: [
      guard(
        'looked-both-sides',
        'Looked at from both sides, and found blocked between the cores',
        'looked-both-sides + stack-blocked',
      ),
    ],
    cost: cost(0.1, 120),
    proof: loadProof,
  }),
  fault({
    id: 'shroud-broken',
    name: 'Shroud missing or broken',
    what: 'The fan draws air past the radiator, not through it.',
    part: 'fan',
    group: 'air',
    prior: priors('exceptional', 'rare', 'exceptional'),
    priorBecause: 'Left off, or broken at a repair.',
    effects: [
      ...hotIdle,
      yes('shroud-broken', 'nearlyAlways', 'It is seen.'),
      yes('fan-no-effect', 'often', 'The fan turns and little passes.'),
      yes('front-work', 'seldom', 'Left off at a repair.'),
    ],
    guards: [guard('seen', 'Seen', 'shroud-broken')],
    cost: cost(1, 60),
    proof: idleProof,
  }),
  fault({
    id: 'fan-blades-damaged',
    name: 'Fan blades damaged',
    what: 'Blades are broken or missing.',
    part: 'fan',
    group: 'air',
    prior: priors('exceptional', 'veryRare', 'exceptional'),
    priorBecause: 'Stones and age.',
    effects: [
      ...hotIdle.slice(0, 2),
      yes('vibration', 'mostly', 'Out of balance.'),
      yes('blades-broken', 'nearlyAlways', 'Counted, they are not all there.'),
      yes('fan-no-effect', 'even', 'It turns and moves little.'),
    ],
    guards: [guard('seen', 'Seen', 'blades-broken')],
    links: [
      leadsTo('fan-clutch-slipping', 'rarely', 'Vibration kills the clutch.'),
      leadsTo('pump-seal-leak', 'seldom', 'And the pump bearing.'),
    ],
    cost: cost(1.5, 60),
    proof: idleProof,
  }),
  fault({
    id: 'fan-clutch-slipping',
    name: 'Fan clutch slipping',
    what: 'The viscous clutch does not grip when hot.',
    part: 'fan',
    group: 'air',
    needs: { fan: ['viscous-clutch'] },
    excludes: 'clutch',
    prior: priors('exceptional', 'common', 'exceptional'),
    priorBecause: 'Fluid is lost with age.',
    effects: [
      ...hotIdle,
      yes(
        'clutch-slips-hot',
        'nearlyAlways',
        'Hot it can be turned, and spins on after switch-off.',
      ),
      yes('clutch-free-cold', 'often', 'It turns freely cold too, as many sound ones do.'),
      yes('clutch-streaks', 'even', 'Its fluid is on its face.'),
    ],
    guards: [
      guard('clutch-hot-and-cold', 'Hot and cold hand tests agree', 'clutch-slips-hot-and-cold'),
      guard('drive-turning', 'Belt drives', 'drive-turning'),
    ],
    cost: cost(3, 60),
    proof: 'Roar when hot; idle holds its temperature.',
  }),
  fault({
    id: 'fan-clutch-locked',
    name: 'Fan clutch locked',
    what: 'The viscous clutch grips always.',
    part: 'fan',
    group: 'air',
    needs: { fan: ['viscous-clutch'] },
    excludes: 'clutch',
    prior: priors('exceptional', 'exceptional', 'rare'),
    priorBecause: 'A seized bearing or thick fluid.',
    effects: [
      yes('fan-roars', 'nearlyAlways', 'Roar always.'),
      yes('clutch-locked', 'nearlyAlways', 'Hot and cold alike.'),
      yes('cold-at-speed', 'sometimes', 'With the ram air it takes more heat than there is.'),
      yes('clutch-seized', 'mostly', 'By hand it does not turn.'),
      yes('plateau-low', 'sometimes', 'Much air.'),
      yes('low-power', 'sometimes', 'It takes power and fuel.'),
    ],
    causes: [brings('engine-cool', 'sometimes', 'Over-cooled in winter.')],
    guards: [
      guard('clutch-hot-and-cold', 'Hot and cold hand tests agree', 'clutch-grips-hot-and-cold'),
    ],
    cost: cost(3, 60),
    proof: 'Turns with drag cold, roars only hot.',
  }),
  fanFault({
    id: 'fan-motor-dead',
    name: 'Electric fan: motor',
    what: 'The motor, or a fan with its own electronics, does not run.',
    hot: 'fairlyCommon',
    because: 'Brushes and bearings age in water and salt.',
    code: 'even',
    runsWithAc: false,
    cost: cost(3, 75),
    own: [
      yes('fan-fed-dead', 'nearlyAlways', 'Fed directly it stays dead.'),
      yes('fan-bridged-dead', 'nearlyAlways', 'Bridged it stays dead too.'),
    ],
    guards: [
      guard(
        'fed-and-dead',
        'Fed directly through a fuse and still dead; with own electronics: supply, ground and command all present and still dead',
        'fan-fed-dead',
      ),
    ],
  }),
  fanFault({
    id: 'fan-feed-lost',
    name: 'Electric fan: fuse or feed',
    what: 'No supply reaches the fan.',
    hot: 'uncommon',
    because: 'A fuse blows for a reason.',
    code: 'even',
    runsWithAc: false,
    cost: cost(0.1, 40),
    own: [
      yes('fan-feed-dead', 'nearlyAlways', 'No supply at the plug or before the relay.'),
      yes('fan-fuse-blown', 'often', 'The fuse more often than the wire.'),
      yes('fan-bridged-dead', 'nearlyAlways', 'A bridge carries nothing where nothing arrives.'),
    ],
    guards: [
      poweredAtPlug,
      guard('fan-feed-missing', 'Supply found missing at the plug, or the fuse blown'),
    ],
  }),
  fanFault({
    id: 'fan-relay-dead',
    name: 'Electric fan: relay',
    what: 'The relay does not switch.',
    hot: 'fairlyCommon',
    because: 'Contacts burn.',
    needs: { fan: ['electric-relay', 'thermo-switch'] },
    code: 'even',
    runsWithAc: false,
    cost: cost(0.2, 20),
    own: [
      yes('fan-relay-fails', 'nearlyAlways', 'Bridged, the fan runs.'),
      yes('fan-feed-dead', 'often', 'Behind it nothing arrives.'),
    ],
    guards: [poweredAtPlug, guard('fan-relay-failed', 'The relay found not to switch through')],
  }),
  fanFault({
    id: 'fan-ground-bad',
    name: 'Electric fan: ground or connector',
    what: 'The ground or the plug of the fan does not carry its current.',
    hot: 'uncommon',
    because: 'Salt in plugs.',
    code: 'sometimes',
    runsWithAc: false,
    running: WEAK_FAN,
    cost: cost(0.1, 45),
    own: [
      yes('fan-ground-bad', 'nearlyAlways', 'Voltage is lost under load.'),
      yes('stray-voltage', 'sometimes', 'The current looks for another way back.'),
      yes('fan-bridged-dead', 'mostly', 'The current has no way back.'),
    ],
    guards: [
      poweredAtPlug,
      guard('fan-ground-lost', 'The ground found to lose voltage under load'),
    ],
  }),
  fanFault({
    id: 'fan-module-dead',
    name: 'Electric fan: speed module or resistor',
    what: 'The speed module or resistor fails; a speed or all are missing.',
    hot: 'uncommon',
    because: 'It cooks beside the radiator.',
    needs: { fan: ['electric-module', 'electric-relay'] },
    code: 'mostly',
    runsWithAc: true,
    running: FAN_OF_FEWER_SPEEDS,
    cost: cost(2, 45),
    own: [
      yes('fan-speed-missing', 'mostly', 'One speed is missing.'),
      yes('fan-ac-dead', 'even', 'Or all of them.'),
      yes('fan-command-missing', 'rarely', 'The command is there, the module does nothing.'),
    ],
    guards: [poweredAtPlug, guard('fan-speed-missing', 'A speed found missing')],
  }),
  fanFault({
    id: 'fan-switch-dead',
    name: 'Electric fan: thermo-switch or control',
    what: 'The switch in the radiator, or the control, does not call for the fan.',
    hot: 'fairlyCommon',
    because: 'Blamed often, at fault sometimes.',
    code: 'sometimes',
    runsWithAc: true,
    cost: cost(0.3, 30),
    own: [
      yes('fan-command-missing', 'nearlyAlways', 'Hot, and no command.'),
      yes(
        'fan-feed-dead',
        'sometimes',
        'Where the relay is left to it, nothing arrives behind it.',
      ),
      yes('fan-bridged-runs', 'nearlyAlways', 'Bridged or commanded, the fan runs.'),
    ],
    guards: [
      switchingHot,
      guard('bridged-runs', 'Bridged or commanded, and the fan runs', 'fan-bridged-runs'),
      {
        ...guard(
          'what-calls-it-reads-true',
          'Called by a control: its sensor agrees with a second temperature',
          'engine-temperature-second-source',
        ),
        needs: { fan: ['electric-relay', 'electric-module'] },
      },
    ],
  }),
  fault({
    id: 'fan-wrong-way',
    name: 'Fan turns the wrong way',
    what: 'The fan blows against the vehicle’s own air.',
    part: 'fan',
    group: 'air',
    prior: priors('exceptional', 'veryRare', 'exceptional'),
    priorBecause: 'Only after work on it.',
    effects: [
      ...hotIdle.slice(0, 1),
      yes('fan-wrong-way', 'nearlyAlways', 'Felt with a strip of paper.'),
      yes('belt-or-fan-work', 'mostly', 'It began with the work.'),
      yes('hot-at-load', 'sometimes', 'It works against the ram air.'),
      yes('fan-no-effect', 'often', 'It runs and does not cool.'),
    ],
    guards: [guard('air-direction', 'Air direction felt', 'fan-wrong-way')],
    cost: cost(0.1, 30),
    proof: idleProof,
  }),
  fault({
    id: 'belt-misrouted',
    name: 'Belt misrouted: pump turns backward',
    what: 'The belt drives the pump the wrong way.',
    part: 'pump',
    group: 'air',
    needs: { pumpDrive: ['accessory-belt'] },
    prior: priors('exceptional', 'veryRare', 'veryRare'),
    priorBecause: 'Only after a belt job.',
    effects: [
      yes('belt-misrouted', 'nearlyAlways', 'Against the diagram it is seen.'),
      yes('belt-or-fan-work', 'nearlyAlways', 'It began with the belt job.'),
      yes('hot-soon', 'even', 'Hot everywhere.'),
    ],
    causes: [brings('flow-poor', 'mostly', 'A pump running backward moves little.')],
    guards: [guard('routing-checked', 'Routing compared with the diagram', 'belt-misrouted')],
    cost: cost(0.1, 40),
    disturbs: [],
    proof: 'Routing right; load run.',
  }),
  fault({
    id: 'air-dam-missing',
    name: 'Air dam, duct or undertray missing',
    what: 'Air goes past the radiator at speed.',
    part: 'radiator',
    group: 'air',
    prior: priors('exceptional', 'uncommon', 'exceptional'),
    priorBecause: 'Lost on rough roads, or left off at a repair.',
    effects: [
      ...hotLoad,
      yes('duct-missing', 'nearlyAlways', 'It is seen.'),
      yes('front-work', 'sometimes', 'Left off at a repair.'),
    ],
    guards: [guard('seen', 'Seen', 'duct-missing')],
    cost: cost(0.8, 30),
    proof: loadProof,
  }),
  fault({
    id: 'grille-shutter-stuck',
    name: 'Grille shutter stuck shut',
    what: 'The shutter does not open.',
    part: 'radiator',
    group: 'air',
    needs: { grilleShutter: [true] },
    prior: priors('exceptional', 'uncommon', 'exceptional'),
    priorBecause: 'Ice, stones and small motors.',
    effects: [
      ...hotLoad,
      yes('shutter-shut', 'nearlyAlways', 'Commanded against actual.'),
      yes('cooling-code', 'often', 'The control sees it.'),
    ],
    guards: [guard('command-against-actual', 'Commanded against actual', 'shutter-shut')],
    cost: cost(2, 60),
    proof: 'Opens and closes on command; load run.',
  }),
  fault({
    id: 'electro-viscous-control',
    name: 'Electro-viscous clutch control',
    what: 'The controlled fan clutch does not follow its command.',
    part: 'fan',
    group: 'air',
    needs: { electroViscous: [true] },
    prior: priors('exceptional', 'uncommon', 'rare'),
    priorBecause: 'A coil and a plug in the fan’s wind.',
    effects: [
      yes('clutch-command', 'nearlyAlways', 'Command against speed.'),
      yes('cooling-code', 'often', 'The control sees it.'),
      yes('fan-code', 'often', 'It is a fan circuit to the control.'),
      yes('cold-at-speed', 'sometimes', 'Gripping always, it adds to the ram air.'),
      yes('fan-roars', 'sometimes', 'Failed, many grip always; one that overheats never does.'),
      yes('hot-at-load', 'often', 'Never gripping, it leaves a climb without air.'),
      yes('hot-at-idle', 'even', 'And a queue.'),
    ],
    causes: [brings('engine-cool', 'seldom', 'Always gripping it over-cools.')],
    guards: [guard('command-against-speed', 'Command against speed', 'clutch-command-fails')],
    cost: cost(5, 75),
    proof: 'Speed follows its command.',
  }),
  fault({
    id: 'fan-always-on',
    name: 'Fan always on',
    what: 'The electric fan runs whatever the temperature.',
    part: 'fan',
    group: 'air',
    needs: ELECTRIC,
    prior: priors('exceptional', 'exceptional', 'uncommon'),
    priorBecause: 'A welded relay, or the control’s own fallback.',
    effects: [
      yes('fan-roars', 'nearlyAlways', 'It is heard.'),
      yes('fan-always', 'nearlyAlways', 'From the start.'),
      yes('fan-code', 'sometimes', 'A fan that runs against its command is seen by some.'),
      yes('plateau-low', 'sometimes', 'Over-cooled at idle.'),
      yes('cooling-code', 'even', 'Fallback sets a code.'),
    ],
    causes: [brings('engine-cool', 'seldom', 'Over-cooled in winter.')],
    guards: [guard('command-against-speed', 'Command against speed', 'fan-always-shown')],
    cost: cost(0.3, 40),
    proof: fanProof,
  }),
]
