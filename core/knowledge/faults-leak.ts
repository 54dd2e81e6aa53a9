import { externalLeak, seenGuard, type ExternalLeak } from './leak-effects'
import type { Prior } from './levels'
import type { Effect, Fault, Guard, Link } from './types'

interface LeakRow extends ExternalLeak {
  id: string
  name: string
  what: string
  loss: Prior
  priorBecause: string
  needs?: Fault['needs']
  extra?: Effect[]
  guards?: Guard[]
  links?: Link[]
  proof?: string
}

const LOW_THEN_HOT: Link[] = [
  { to: 'trapped-air', level: 'sometimes', because: 'What leaks out is replaced by air, which gathers at the high places.' },
]

function leakFault(row: LeakRow): Fault {
  return {
    id: row.id,
    name: row.name,
    what: row.what,
    part: row.part,
    group: 'leak',
    prior: { 'coolant-loss': row.loss, overheats: 'rare', 'no-heat': 'rare' },
    priorBecause: row.priorBecause,
    ...(row.needs ? { needs: row.needs } : {}),
    effects: [
      ...externalLeak(row),
      { sign: 'heater-cold', atLeast: { yes: 'rarely' }, because: 'Only when so much is lost that the heater runs dry.' },
      { sign: 'hot-at-load', atLeast: { yes: 'seldom' }, because: 'A low level overheats under load first.' },
      ...(row.extra ?? []),
    ],
    guards: row.guards ?? [seenGuard(row.part)],
    links: [...LOW_THEN_HOT, ...(row.links ?? [])],
    proof: row.proof ?? 'The same hold again, tight, with the joint dry; level unchanged after 1, 3 and 7 days.',
  }
}

const HOSE_HOLD = { seep: 'nearlyAlways', leak: 'even', gross: 'seldom' } as const
const JOINT_HOLD = { seep: 'mostly', leak: 'sometimes', gross: 'rarely' } as const
const HIDDEN_HOLD = { seep: 'mostly', leak: 'sometimes', gross: 'rarely' } as const
const afterWork: Effect = {
  sign: 'recent-drain',
  atLeast: { yes: 'sometimes' },
  because: 'A joint that was opened lately is the first to leak.',
}

export const EXTERNAL_LEAKS: readonly Fault[] = [
  leakFault({
    id: 'upper-hose-leak', name: 'Upper hose or its clamp', what: 'The upper radiator hose or one of its clamps lets coolant out.',
    part: 'upper-hose', loss: 'fairlyCommon', priorBecause: 'Hot rubber ages; clamps lose their grip.',
    hold: HOSE_HOLD, holdBecause: 'A hose that leaks falls plainly under pressure.', visible: 'mostly',
    visibleBecause: 'The upper hose is in plain sight.', reachesGround: 'often', hiss: 'sometimes', extra: [afterWork],
  }),
  leakFault({
    id: 'lower-hose-leak', name: 'Lower hose or its clamp', what: 'The lower radiator hose or one of its clamps lets coolant out.',
    part: 'lower-hose', loss: 'fairlyCommon', priorBecause: 'It carries the full head and the drips of all above make it suspect.',
    hold: HOSE_HOLD, holdBecause: 'Under liquid and full pressure it shows at once.', visible: 'mostly',
    visibleBecause: 'Seen from below with the undertray off.', reachesGround: 'mostly', lostParked: 'even', extra: [afterWork],
  }),
  leakFault({
    id: 'heater-hose-leak', name: 'Heater hose or its clamp', what: 'A hose to or from the cabin heater lets coolant out.',
    part: 'heater-hoses', loss: 'fairlyCommon', priorBecause: 'Long thin hoses over hot places.',
    hold: HOSE_HOLD, holdBecause: 'Leaks under pressure like any hose.', visible: 'often',
    visibleBecause: 'Parts of the run are hidden behind the engine.', reachesGround: 'often', hiss: 'seldom', extra: [afterWork],
  }),
  leakFault({
    id: 'bypass-hose-leak', name: 'Small bypass or throttle-body hose', what: 'A small hose high on the engine seeps and drips onto other parts.',
    part: 'bypass-hose', loss: 'uncommon', priorBecause: 'Short, hot, forgotten at every service.',
    hold: JOINT_HOLD, holdBecause: 'Small bore, small leak.', visible: 'even',
    visibleBecause: 'Hidden under the intake on many engines.', reachesGround: 'even', hiss: 'seldom',
  }),
  leakFault({
    id: 'radiator-core-leak', name: 'Radiator: core', what: 'A tube or its joint in the radiator core leaks.',
    part: 'radiator', loss: 'fairlyCommon', priorBecause: 'Salt and stones eat cores, on pass roads more than elsewhere.',
    hold: HIDDEN_HOLD, holdBecause: 'A pinhole seeps, a stone hole runs.', visible: 'often',
    visibleBecause: 'Crust between the fins; the middle rows are hidden.', reachesGround: 'often',
  }),
  leakFault({
    id: 'radiator-seam-leak', name: 'Radiator: tank seam', what: 'The crimped seam between plastic tank and core, or the neck, leaks.',
    part: 'radiator', loss: 'common', priorBecause: 'The crimp relaxes with heat cycles; the commonest radiator leak.',
    hold: { seep: 'mostly', leak: 'seldom', gross: 'almostNever' }, holdBecause: 'A seam seeps; some only when cold, and cold is how it is held.',
    visible: 'mostly', visibleBecause: 'Stain and crust along the crimp.', reachesGround: 'often', lostParked: 'often',
  }),
  leakFault({
    id: 'drain-plug-leak', name: 'Radiator: drain plug', what: 'The drain plug or its seal seeps.',
    part: 'radiator', loss: 'rare', priorBecause: 'Only after it was opened, or when hit.',
    hold: JOINT_HOLD, holdBecause: 'A seal ring seeps.', visible: 'mostly', visibleBecause: 'Lowest point, seen from below.',
    reachesGround: 'nearlyAlways', extra: [{ ...afterWork, atLeast: { yes: 'often' } }],
  }),
  leakFault({
    id: 'expansion-tank-leak', name: 'Tank: crack or seam', what: 'The expansion tank is cracked or its seam has opened.',
    part: 'expansion-tank', loss: 'common', priorBecause: 'Plastic that sees every heat cycle.',
    hold: JOINT_HOLD, holdBecause: 'Above the mark it lets air go, below it coolant; both fall.', visible: 'often',
    visibleBecause: 'Underside and back are hidden by the bracket.', reachesGround: 'even', hiss: 'even',
    extra: [{ sign: 'pushed-out-hot', atLeast: { yes: 'seldom' }, because: 'High on the vehicle it may only steam.' }],
  }),
  leakFault({
    id: 'pump-seal-leak', name: 'Pump: shaft seal', what: 'The seal on the pump shaft weeps from its hole.',
    part: 'pump', loss: 'veryCommon', priorBecause: 'The one moving seal in the system.',
    hold: { seep: 'mostly', leak: 'sometimes', gross: 'almostNever' }, holdBecause: 'Standing still it seeps; some seal when pressed.',
    visible: 'often', visibleBecause: 'A trace below the weep hole, behind the pulley.', reachesGround: 'even', lostParked: 'even',
    guards: [
      { id: 'seen:pump', text: 'Seen at the weep hole, or wet again after drying', anyOf: [['seen-issuing:pump'], ['dried-and-wet-again:pump']] },
      { id: 'above-pump-dry', text: 'Parts above the pump shown dry', anyOf: [['looked-dry:thermostat', 'looked-dry:bypass-hose']] },
    ],
    extra: [{ sign: 'belt-squeal', atLeast: { yes: 'seldom' }, because: 'Coolant on the belt makes it squeal.' }],
  }),
  leakFault({
    id: 'pump-gasket-leak', name: 'Pump: gasket or O-ring', what: 'The joint between pump and block leaks.',
    part: 'pump', loss: 'uncommon', priorBecause: 'Seldom by itself, more often after a pump job.',
    hold: JOINT_HOLD, holdBecause: 'A joint seeps.', visible: 'often', visibleBecause: 'Along the flange, often behind covers.',
    reachesGround: 'even', extra: [afterWork],
    guards: [
      seenGuard('pump'),
      { id: 'above-pump-dry', text: 'Parts above the pump shown dry', anyOf: [['looked-dry:thermostat', 'looked-dry:bypass-hose']] },
    ],
  }),
  leakFault({
    id: 'thermostat-housing-leak', name: 'Thermostat housing or outlet', what: 'The housing, its gasket or the outlet leaks.',
    part: 'thermostat', loss: 'common', priorBecause: 'Plastic housings warp and crack.',
    hold: JOINT_HOLD, holdBecause: 'Falls as a seep or a small leak.', visible: 'often', visibleBecause: 'Stain below the flange.',
    reachesGround: 'even', hiss: 'seldom', extra: [afterWork],
  }),
  leakFault({
    id: 'core-plug-leak', name: 'Core plug or hard pipe', what: 'A core plug or a steel pipe on the block has rusted through.',
    part: 'engine', loss: 'uncommon', priorBecause: 'Old coolant and salt.',
    hold: HIDDEN_HOLD, holdBecause: 'Rust holes seep, then run.', visible: 'even', visibleBecause: 'Behind manifolds and mounts.',
    reachesGround: 'often',
  }),
  leakFault({
    id: 'gasket-external', name: 'Head gasket: coolant to outside', what: 'The head gasket seeps along its joint.',
    part: 'engine', loss: 'uncommon', priorBecause: 'Known on some engines, and after overheating.',
    hold: { seep: 'often', leak: 'seldom', gross: 'practicallyNever' }, holdBecause: 'Seeps; some close when cold.',
    visible: 'even', visibleBecause: 'A crust along the joint line.', reachesGround: 'sometimes',
    guards: [{ id: 'cleaned-and-seen', text: 'Joint cleaned, and seen wet again', anyOf: [['dried-and-wet-again:engine'], ['seen-issuing:engine']] }],
  }),
  leakFault({
    id: 'oil-cooler-joint-leak', name: 'Oil-cooler joint', what: 'A joint of the oil cooler lets coolant out.',
    part: 'oil-cooler', loss: 'uncommon', priorBecause: 'Hardened seal rings.', needs: { oilCooler: [true] },
    hold: JOINT_HOLD, holdBecause: 'A seal ring seeps.', visible: 'even', visibleBecause: 'Low and behind the filter.', reachesGround: 'often',
  }),
  leakFault({
    id: 'turbo-line-leak', name: 'Turbo coolant line', what: 'A coolant line at the turbo leaks.',
    part: 'turbo-line', loss: 'rare', priorBecause: 'Great heat at banjo bolts and short hoses.', needs: { turboCooled: [true] },
    hold: JOINT_HOLD, holdBecause: 'Seeps cold, dries hot.', visible: 'even', visibleBecause: 'Behind heat shields; it dries on hot parts.', reachesGround: 'seldom',
  }),
]
