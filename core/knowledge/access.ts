/**
 * Work that several repairs share: done once, it serves all of them. `minutes` of it stand in the minutes of each repair of
 * the book. Judgement, as the minutes are.
 */
export interface Access {
  id: string
  minutes: number
  faults: readonly string[]
}

/** Drained, refilled and bled: for whatever opens the loop. */
const LOOP_OPENED: Access = {
  id: 'loop-opened',
  minutes: 25,
  faults: [
    'thermostat-stuck-closed',
    'thermostat-opens-late',
    'thermostat-stuck-open',
    'thermostat-wrong-rating',
    'map-heater-lost',
    'pump-impeller-loose',
    'pump-bearing-worn',
    'pump-seal-leak',
    'pump-gasket-leak',
    'electric-pump-dead',
    'switchable-pump-off',
    'radiator-restricted',
    'radiator-core-leak',
    'radiator-seam-leak',
    'gearbox-cooler-internal',
    'lower-hose-collapsing',
    'upper-hose-leak',
    'lower-hose-leak',
    'heater-hose-leak',
    'bypass-hose-leak',
    'quick-connect-leak',
    'expansion-tank-leak',
    'thermostat-housing-leak',
    'heater-valve-shut',
    'heater-valve-leak',
    'aux-pump-dead',
    'heater-core-restricted',
    'heater-core-leak',
    'heat-module-stuck',
    'heat-module-leak',
    'manifold-gasket-leak',
    'hard-pipe-leak',
    'core-plug-leak',
    'oil-cooler-internal',
    'oil-cooler-joint-leak',
    'egr-cooler-internal',
    'turbo-line-leak',
    'coolant-wrong',
    'sealant-in-system',
    'jacket-scaled',
    'gasket-to-cylinder',
    'gasket-gas-to-coolant',
    'gasket-to-oil',
    'gasket-external',
    'head-cracked',
    'injector-sleeve-leak',
    'coolant-sensor-biased',
  ],
}

export const ACCESS: readonly Access[] = [
  LOOP_OPENED,
  {
    id: 'front-open',
    minutes: 30,
    faults: [
      'radiator-restricted',
      'radiator-core-leak',
      'radiator-seam-leak',
      'gearbox-cooler-internal',
      'condenser-stack-blocked',
      'shroud-broken',
      'fan-blades-damaged',
      'fan-clutch-slipping',
      'fan-clutch-locked',
      'fan-motor-dead',
      'electro-viscous-control',
    ],
  },
  {
    id: 'pump-side-open',
    minutes: 60,
    faults: [
      'pump-impeller-loose',
      'pump-bearing-worn',
      'pump-seal-leak',
      'pump-gasket-leak',
      'switchable-pump-off',
    ],
  },
  {
    id: 'head-off',
    minutes: 420,
    faults: [
      'gasket-to-cylinder',
      'gasket-gas-to-coolant',
      'gasket-to-oil',
      'gasket-external',
      'head-cracked',
    ],
  },
  {
    id: 'dash-out',
    minutes: 120,
    faults: ['heater-core-restricted', 'heater-core-leak', 'blend-door-stuck'],
  },
]

/** Share of the system's coolant that runs out for a repair, and is filled again. */
const RUNS_OUT: readonly { share: number; access: string }[] = [
  { access: 'head-off', share: 0.9 },
  { access: 'pump-side-open', share: 0.7 },
  { access: 'front-open', share: 0.6 },
  { access: 'dash-out', share: 0.5 },
  { access: 'loop-opened', share: 0.4 },
]

/** Repairs after which nothing of what was in the system goes back into it. */
const ALL_NEW: readonly string[] = [
  'coolant-wrong',
  'sealant-in-system',
  'jacket-scaled',
  'oil-cooler-internal',
  'gearbox-cooler-internal',
  'gasket-to-oil',
]

const opensLoop = (fault: string) => LOOP_OPENED.faults.includes(fault)

/**
 * Share of the coolant that is new after these repairs, 0 to 1; 0 where none of them opens the loop.
 * @example coolantShare(['fan-relay-dead']) // 0
 */
export function coolantShare(faults: readonly string[]): number {
  if (faults.some((fault) => ALL_NEW.includes(fault))) return 1
  const opened = faults.filter(opensLoop)
  if (opened.length === 0) return 0
  const most = RUNS_OUT.find(({ access }) =>
    ACCESS.find(({ id }) => id === access)!.faults.some((fault) => opened.includes(fault)),
  )
  return most!.share
}
