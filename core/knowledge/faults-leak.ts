import { at, brings, cost, fault, guard, leadsTo, priors, yes } from './fault-builder'
import { externalLeak, leakCauses, partOf, seenGuard, type ExternalLeak } from './leak-effects'
import type { Prior } from './levels'
import type { AtLeast, Effect, Fault, Guard, Link, RepairCost } from './types'

interface LeakRow extends ExternalLeak {
  id: string
  name: string
  what: string
  loss: Prior
  priorBecause: string
  cost: RepairCost
  needs?: Fault['needs']
  extra?: Effect[]
  guards?: Guard[]
  links?: Link[]
  disturbs?: Fault['disturbs']
}

function leakFault(row: LeakRow): Fault {
  return fault({
    id: row.id, name: row.name, what: row.what, part: partOf(row.place), group: 'leak',
    prior: priors(row.loss, 'veryRare', 'veryRare'), priorBecause: row.priorBecause,
    ...(row.needs ? { needs: row.needs } : {}),
    effects: [...externalLeak(row), ...(row.extra ?? [])],
    causes: leakCauses(row.heavy),
    guards: row.guards ?? [seenGuard(row.place)],
    links: [leadsTo('trapped-air', 'sometimes', 'What leaks out is replaced by air, which gathers at the high places.'), leadsTo('low-coolant', 'mostly', 'What leaks out is missing.'), ...(row.links ?? [])],
    cost: row.cost,
    ...(row.disturbs ? { disturbs: row.disturbs } : {}),
    proof: 'The same hold again, tight, with the joint dry; level unchanged after 1, 3 and 7 days.',
  })
}

const HOSE: AtLeast = { seep: 'nearlyAlways', leak: 'even', gross: 'seldom' }
const JOINT: AtLeast = { seep: 'mostly', leak: 'sometimes', gross: 'rarely' }
const SEEP: AtLeast = { seep: 'mostly', leak: 'seldom', gross: 'almostNever' }
const CLOSED_HOT: AtLeast = { seep: 'sometimes', leak: 'rarely' }
const afterWork = yes('recent-drain', 'sometimes', 'A joint that was opened lately is the first to leak.')
const coldSeep = yes('worse-cold', 'even', 'Plastic and seals shrink in frost.')
const abovePumpDry = guard('above-pump-dry', 'Parts above the pump shown dry', 'looked-dry:thermostat + looked-dry:bypass-hose')

export const EXTERNAL_LEAKS: readonly Fault[] = [
  leakFault({
    id: 'upper-hose-leak', name: 'Upper hose or its clamp', what: 'The upper radiator hose or one of its clamps lets coolant out.',
    place: 'upper-hose', loss: 'fairlyCommon', priorBecause: 'Hot rubber ages; clamps lose their grip.', hold: HOSE, holdBecause: 'A hose that leaks falls plainly under pressure.',
    visible: 'mostly', visibleBecause: 'The upper hose is in plain sight.', reachesGround: 'often', hiss: 'sometimes', heavy: 'seldom', extra: [afterWork], cost: cost(0.5, 40),
  }),
  leakFault({
    id: 'lower-hose-leak', name: 'Lower hose or its clamp', what: 'The lower radiator hose or one of its clamps lets coolant out.',
    place: 'lower-hose', loss: 'fairlyCommon', priorBecause: 'It carries the full head, and drips of all above make it suspect.', hold: HOSE, holdBecause: 'Under liquid and full pressure it shows at once.',
    visible: 'mostly', visibleBecause: 'Seen from below with the undertray off.', reachesGround: 'mostly', lostParked: 'even', heavy: 'seldom', extra: [afterWork], cost: cost(0.5, 50),
  }),
  leakFault({
    id: 'heater-hose-leak', name: 'Heater hose or its clamp', what: 'A hose to or from the cabin heater lets coolant out.',
    place: 'heater-hose', loss: 'fairlyCommon', priorBecause: 'Long thin hoses over hot places.', hold: HOSE, holdBecause: 'Leaks under pressure like any hose.',
    visible: 'often', visibleBecause: 'Parts of the run are hidden behind the engine.', reachesGround: 'often', hiss: 'seldom', extra: [afterWork], cost: cost(0.4, 50),
  }),
  leakFault({
    id: 'bypass-hose-leak', name: 'Small bypass or throttle-body hose', what: 'A small hose high on the engine seeps and drips onto other parts.',
    place: 'small-hose', loss: 'uncommon', priorBecause: 'Short, hot, forgotten at every service.', hold: JOINT, holdBecause: 'Small bore, small leak.',
    visible: 'even', visibleBecause: 'Hidden under the intake on many engines.', reachesGround: 'even', hiss: 'seldom', cost: cost(0.2, 60),
  }),
  leakFault({
    id: 'quick-connect-leak', name: 'Quick-connect or pipe seal', what: 'A plastic fitting of a pipe seeps at its seal ring.',
    place: 'quick-connect', loss: 'uncommon', priorBecause: 'Seal rings harden where plastic meets heat.', hold: SEEP, holdBecause: 'A ring seeps, most when it is cold.', holdHot: CLOSED_HOT,
    visible: 'often', visibleBecause: 'Crust about the fitting.', reachesGround: 'even', lostParked: 'even', extra: [coldSeep, afterWork], cost: cost(0.2, 40),
  }),
  leakFault({
    id: 'radiator-core-leak', name: 'Radiator: core', what: 'A tube or its joint in the radiator core leaks.',
    place: 'radiator-core', loss: 'fairlyCommon', priorBecause: 'Salt and stones eat cores, on pass roads more than elsewhere.', hold: JOINT, holdBecause: 'A pinhole seeps, a stone hole runs.',
    visible: 'often', visibleBecause: 'Crust between the fins; the middle rows are hidden.', reachesGround: 'often', heavy: 'seldom', extra: [yes('front-work', 'seldom', 'Bumper work and stones hit the core.')], cost: cost(4, 120),
  }),
  leakFault({
    id: 'radiator-seam-leak', name: 'Radiator: tank seam or neck', what: 'The crimped seam between plastic tank and core, or the neck, leaks.',
    place: 'radiator-seam', loss: 'common', priorBecause: 'The crimp relaxes with heat cycles; the commonest radiator leak.', hold: SEEP, holdBecause: 'A seam seeps; some only when cold, and cold is how it is held.', holdHot: CLOSED_HOT,
    visible: 'mostly', visibleBecause: 'Stain and crust along the crimp.', reachesGround: 'often', lostParked: 'often', extra: [yes('worse-cold', 'sometimes', 'The crimp opens in frost.')], cost: cost(4, 120),
  }),
  leakFault({
    id: 'drain-plug-leak', name: 'Radiator: drain plug', what: 'The drain plug or its seal seeps.',
    place: 'drain-plug', loss: 'rare', priorBecause: 'Only after it was opened, or when hit.', hold: JOINT, holdBecause: 'A seal ring seeps.',
    visible: 'mostly', visibleBecause: 'Lowest point, seen from below.', reachesGround: 'nearlyAlways', extra: [yes('recent-drain', 'often', 'It leaks after it was opened.')], cost: cost(0.1, 20),
  }),
  leakFault({
    id: 'expansion-tank-leak', name: 'Tank: crack or seam', what: 'The expansion tank is cracked or its seam has opened.',
    place: 'tank-seam', loss: 'common', priorBecause: 'Plastic that sees every heat cycle.', hold: JOINT, holdBecause: 'Above the mark it lets air go, below it coolant; both fall.',
    visible: 'often', visibleBecause: 'Underside and back are hidden by the bracket.', reachesGround: 'even', hiss: 'even',
    extra: [yes('pushed-out-hot', 'seldom', 'High on the vehicle it may only steam.'), yes('tank-bulged', 'even', 'A seam that opens has bulged first.')], cost: cost(1, 40),
  }),
  leakFault({
    id: 'tank-seal-leak', name: 'Tank: level sensor or lower seal', what: 'The seal of the level sensor or of the lower spigot of the tank leaks.',
    place: 'tank-seal', loss: 'uncommon', priorBecause: 'A small ring under warm plastic.', hold: SEEP, holdBecause: 'A ring seeps.',
    visible: 'often', visibleBecause: 'A stain below the tank, the tank itself sound.', reachesGround: 'even', extra: [yes('cooling-code', 'seldom', 'A wet level sensor sets its lamp.')], cost: cost(0.2, 30),
  }),
  leakFault({
    id: 'pump-seal-leak', name: 'Pump: shaft seal', what: 'The seal on the pump shaft weeps from its hole.',
    place: 'weep-hole', loss: 'veryCommon', priorBecause: 'The one moving seal in the system.', hold: { seep: 'mostly', leak: 'sometimes', gross: 'almostNever' }, holdBecause: 'Standing still it seeps; some seal when pressed.',
    visible: 'often', visibleBecause: 'A trace below the weep hole, behind the pulley.', reachesGround: 'even', lostParked: 'even', guards: [seenGuard('weep-hole'), abovePumpDry],
    extra: [yes('belt-squeal', 'seldom', 'Coolant on the belt makes it squeal.'), yes('pulley-play', 'sometimes', 'A worn bearing wears the seal.'), yes('pump-seal-worn', 'nearlyAlways', 'Off the engine it is seen.')],
    cost: cost(2, 150), disturbs: [{ fault: 'trapped-air', level: 'seldom', because: 'The block is drained for it.' }, { fault: 'pump-gasket-leak', level: 'rarely', because: 'A new joint can be badly made.' }],
  }),
  leakFault({
    id: 'pump-gasket-leak', name: 'Pump: gasket or O-ring', what: 'The joint between pump and block leaks.',
    place: 'pump-flange', loss: 'uncommon', priorBecause: 'Seldom by itself, more often after a pump job.', hold: JOINT, holdBecause: 'A joint seeps.',
    visible: 'often', visibleBecause: 'Along the flange, often behind covers.', reachesGround: 'even', extra: [afterWork], guards: [seenGuard('pump-flange'), abovePumpDry], cost: cost(0.3, 140),
  }),
  leakFault({
    id: 'thermostat-housing-leak', name: 'Thermostat housing or outlet', what: 'The housing, its gasket or the outlet leaks.',
    place: 'thermostat-flange', loss: 'common', priorBecause: 'Plastic housings warp and crack.', hold: JOINT, holdBecause: 'Falls as a seep or a small leak.',
    visible: 'often', visibleBecause: 'Stain below the flange.', reachesGround: 'even', hiss: 'seldom', extra: [afterWork], cost: cost(1, 60),
  }),
  leakFault({
    id: 'manifold-gasket-leak', name: 'Intake-manifold gasket', what: 'The joint where the intake manifold carries coolant leaks.',
    place: 'manifold-joint', loss: 'rare', priorBecause: 'Only on engines whose manifold carries coolant.', hold: SEEP, holdBecause: 'A flat joint seeps.',
    visible: 'sometimes', visibleBecause: 'It pools in the valley, out of sight.', reachesGround: 'seldom', extra: [yes('manifold-pitted', 'mostly', 'The face shows why.'), yes('emulsion-in-oil', 'seldom', 'Some runs into the valley and the oil.')], cost: cost(1, 240),
  }),
  leakFault({
    id: 'heat-module-leak', name: 'Heat-management module leaking', what: 'The plastic module with its valves leaks at a joint or shaft.', needs: { heatModule: [true] },
    place: 'heat-module', loss: 'uncommon', priorBecause: 'Large plastic bodies behind the engine.', hold: SEEP, holdBecause: 'Its joints seep.',
    visible: 'sometimes', visibleBecause: 'Behind covers and the manifold.', reachesGround: 'sometimes', guards: [guard('seen-or-covers-off', 'Seen issuing, or covers off', 'traced:heat-module', 'seen-issuing:thermostat')], cost: cost(4, 240),
  }),
  leakFault({
    id: 'hard-pipe-leak', name: 'Hard pipe corroded', what: 'A steel pipe on the block has rusted through or its ring leaks.',
    place: 'hard-pipe', loss: 'uncommon', priorBecause: 'Salt from outside, old coolant from inside.', hold: JOINT, holdBecause: 'Rust holes seep, then run.',
    visible: 'even', visibleBecause: 'Behind manifolds and brackets.', reachesGround: 'often', cost: cost(0.8, 120),
  }),
  leakFault({
    id: 'core-plug-leak', name: 'Core plug', what: 'A core plug of the block has rusted through.',
    place: 'core-plug', loss: 'uncommon', priorBecause: 'Old coolant eats thin steel.', hold: JOINT, holdBecause: 'Rust holes seep, then run.',
    visible: 'even', visibleBecause: 'Behind mounts and manifolds.', reachesGround: 'often', extra: [at('coolant-dirt', { brown: 'even', sludge: 'rarely' }, 'Old coolant is what ate it.')], cost: cost(0.1, 150),
  }),
  leakFault({
    id: 'gasket-external', name: 'Head gasket: coolant to outside', what: 'The head gasket seeps along its joint.',
    place: 'head-joint', loss: 'uncommon', priorBecause: 'Known on some engines, and after overheating.', hold: { seep: 'often', leak: 'seldom', gross: 'practicallyNever' }, holdBecause: 'Seeps; some close when cold.', holdHot: { seep: 'mostly', leak: 'seldom', gross: 'practicallyNever' },
    visible: 'even', visibleBecause: 'A crust along the joint line.', reachesGround: 'sometimes', extra: [yes('face-warped', 'even', 'Warped faces let it out.')],
    guards: [guard('cleaned-and-seen', 'Joint cleaned, and seen wet again', 'dried-and-wet-again:engine', 'seen-issuing:engine', 'traced:head-joint')], cost: cost(5, 600),
  }),
  leakFault({
    id: 'oil-cooler-joint-leak', name: 'Oil-cooler joint', what: 'A joint of the oil cooler lets coolant out.', needs: { oilCooler: [true] },
    place: 'oil-cooler-joint', loss: 'uncommon', priorBecause: 'Hardened seal rings.', hold: JOINT, holdBecause: 'A seal ring seeps.',
    visible: 'even', visibleBecause: 'Low and behind the filter.', reachesGround: 'often', cost: cost(0.3, 120),
  }),
  leakFault({
    id: 'turbo-line-leak', name: 'Turbo coolant line', what: 'A coolant line at the turbo leaks.', needs: { turboCooled: [true] },
    place: 'turbo-line', loss: 'rare', priorBecause: 'Great heat at banjo bolts and short hoses.', hold: JOINT, holdBecause: 'Seeps cold, dries hot.',
    visible: 'even', visibleBecause: 'Behind heat shields; it dries on hot parts.', reachesGround: 'seldom', cost: cost(0.5, 90),
  }),
  leakFault({
    id: 'heater-valve-leak', name: 'Heater valve leaking', what: 'The heater valve drips at the bulkhead.', needs: { heaterValve: [true] },
    place: 'heater-valve', loss: 'rare', priorBecause: 'A moving seal in plastic.', hold: JOINT, holdBecause: 'A shaft seal seeps.',
    visible: 'often', visibleBecause: 'At the bulkhead, behind the engine.', reachesGround: 'even', extra: [yes('valve-command', 'seldom', 'A stiff valve is often a leaking one.')],
    guards: [guard('seen:heater-valve', 'Seen dripping at the valve', 'traced:heater-valve', 'seen-issuing:heater-hoses')], cost: cost(0.6, 60),
  }),
  fault({
    id: 'heater-core-leak', name: 'Heater core leaking', what: 'The cabin heater leaks into the heater box.', part: 'heater-core', group: 'leak',
    prior: priors('fairlyCommon', 'exceptional', 'veryRare'), priorBecause: 'Common on old vehicles, hidden from view.',
    effects: [
      at('loss-size', { moderate: 'even', heavy: 'rarely' }, 'From a cupful a month to a litre a day.'),
      at('hold-cold', { seep: 'mostly', leak: 'sometimes', gross: 'almostNever' }, 'It falls, and the tray stays dry.'),
      at('hold-hot', { seep: 'mostly', leak: 'sometimes', gross: 'almostNever' }, 'It is open hot and cold.'),
      yes('vacuum-falls', 'even', 'It draws air as well.'),
      yes('carpet-wet', 'mostly', 'Coolant runs into the foot well and fogs the screen.'),
      at('wet:heater-core', { stained: 'mostly', wet: 'often' }, 'Seen at the drain of the heater box or on the carpet.'),
      yes('issuing:heater-core', 'even', 'Seen at the drain of the heater box or on the carpet.'),
      yes('traced:heater-box', 'even', 'Drips from the drain of the heater box.'),
      yes('level-falls-after', 'nearlyAlways', 'What leaks goes on leaking.'),
    ],
    causes: [brings('level-low', 'mostly', 'What leaks out is missing.'), brings('pressure-lost', 'seldom', 'A leak lets pressure go.')],
    guards: [guard('carpet-or-isolated', 'Carpet wet with coolant, or core isolated and the hold passes', 'seen-issuing:heater-core', 'dried-and-wet-again:heater-core', 'traced:heater-box', 'core-isolated-passes')],
    links: [leadsTo('low-coolant', 'mostly', 'What leaks out is missing.')], cost: cost(2.5, 300), proof: 'Hold tight with the core in the loop; carpet dry after a week.',
  }),
]
