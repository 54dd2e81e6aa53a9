import { ACCESS } from './access'
import { BOOK, currentFault } from './book'

/** What a repair is made of, in the order of the work. */
export const REPAIR_STEPS = [
  'cold-and-open',
  'fan-disarmed',
  'drained',
  'front-out',
  'belt-off',
  'dash-out',
  'head-off',
  'faces-clean',
  'bolt-holes-dry',
  'part-compared',
  'seals-new',
  'thermostat-way',
  'tightened',
  'hoses-seated',
  'plugs-locked',
  'belt-set',
  'filled-and-bled',
  'codes-cleared',
] as const
export type RepairStepId = (typeof REPAIR_STEPS)[number]

/** A step that a repair asks for. */
export interface RepairStep {
  id: RepairStepId
  /** what it was tightened to belongs to it: torque, then angle, in the maker's stages */
  asksTorque: boolean
  /** somebody can be hurt, or the engine harmed: its caution stands before it */
  warns: boolean
}

const WARNS: ReadonlySet<RepairStepId> = new Set([
  'cold-and-open',
  'fan-disarmed',
  'drained',
  'dash-out',
  'head-off',
  'bolt-holes-dry',
])

const accessOf = (...ids: string[]) =>
  ids.flatMap((id) => ACCESS.find((access) => access.id === id)!.faults)

const THERMOSTATS = BOOK.faults.flatMap(({ id }) => (id.startsWith('thermostat-') ? [id] : []))
const FANS_BY_CURRENT = [
  'fan-motor-dead',
  'fan-feed-lost',
  'fan-relay-dead',
  'fan-ground-bad',
  'fan-module-dead',
  'fan-switch-dead',
  'fan-wrong-way',
  'fan-always-on',
  'electro-viscous-control',
]
/** Joints that are made with a seal or gasket, and drawn down by bolts. */
const BOLTED_JOINTS = [
  ...accessOf('head-off', 'pump-side-open'),
  ...THERMOSTATS,
  'electric-pump-dead',
  'manifold-gasket-leak',
  'oil-cooler-joint-leak',
  'oil-cooler-internal',
  'egr-cooler-internal',
  'injector-sleeve-leak',
  'compressor-gasket',
  'turbo-line-leak',
]
const UNDER_CURRENT = [
  ...FANS_BY_CURRENT,
  'electric-pump-dead',
  'switchable-pump-off',
  'aux-pump-dead',
  'map-heater-lost',
  'heater-valve-shut',
  'heat-module-stuck',
  'blend-door-stuck',
  'grille-shutter-stuck',
  'coolant-sensor-biased',
  'sensor-wiring',
]

/** Repairs that each step belongs to, by fault. */
const BELONGS_TO: Readonly<Record<RepairStepId, readonly string[]>> = {
  'cold-and-open': [...accessOf('loop-opened'), 'cap-weak', 'cap-vacuum-stuck', 'cap-wrong'],
  'fan-disarmed': [...accessOf('front-open'), ...FANS_BY_CURRENT],
  drained: accessOf('loop-opened'),
  'front-out': accessOf('front-open'),
  'belt-off': [...accessOf('pump-side-open'), 'pump-drive-slipping', 'belt-misrouted'],
  'dash-out': accessOf('dash-out'),
  'head-off': accessOf('head-off'),
  'faces-clean': BOLTED_JOINTS,
  'bolt-holes-dry': accessOf('head-off'),
  'part-compared': BOOK.faults.flatMap(({ id, cost }) => (cost.partHours > 0 ? [id] : [])),
  'seals-new': [...BOLTED_JOINTS, 'quick-connect-leak', 'tank-seal-leak', 'drain-plug-leak'],
  'thermostat-way': THERMOSTATS,
  tightened: BOLTED_JOINTS,
  'hoses-seated': accessOf('loop-opened'),
  'plugs-locked': UNDER_CURRENT,
  'belt-set': [...accessOf('pump-side-open'), 'pump-drive-slipping', 'belt-misrouted'],
  'filled-and-bled': accessOf('loop-opened'),
  'codes-cleared': UNDER_CURRENT,
}

/**
 * Steps of the repair of these faults, each once, in the order of the work. The maker's procedure governs; what it asks for
 * beyond them is not here.
 * @example repairSteps(['cap-weak']).map(({ id }) => id).join() // 'cold-and-open,part-compared'
 */
export function repairSteps(faults: readonly string[]): RepairStep[] {
  const mended = faults.map(currentFault)
  return REPAIR_STEPS.filter((id) => mended.some((fault) => BELONGS_TO[id].includes(fault))).map(
    (id) => ({ id, asksTorque: id === 'tightened', warns: WARNS.has(id) }),
  )
}

/**
 * Steps of a repair that were not ticked; none of one for which nobody went through them.
 * @example stepsLeft({ faults: ['cap-weak'], stepsDone: [{ step: 'cold-and-open' }] }).join() // 'part-compared'
 */
export function stepsLeft(repair: {
  faults: readonly string[]
  stepsDone?: readonly { step: RepairStepId }[] | undefined
}): RepairStepId[] {
  const { stepsDone, faults } = repair
  if (!stepsDone) return []
  return repairSteps(faults).flatMap(({ id }) =>
    stepsDone.some(({ step }) => step === id) ? [] : [id],
  )
}
