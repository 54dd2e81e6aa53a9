import { ACCESS } from '../knowledge/access'
import type { Fault } from '../knowledge/types'

/** How a part can be put right: mended as it is, given a new core, renewed, or renewed with something better. */
export const WAYS = ['mend', 'recore', 'new', 'better'] as const
export type WayId = (typeof WAYS)[number]

/** What a way leaves unproven, by the id of its sentence. */
export type Leaves =
  | 'rest-as-old'
  | 'tanks-as-old'
  | 'closed-tubes'
  | 'bearing-as-old'
  | 'lost-fluid'
  | 'crack-elsewhere'
  | 'new-part'

/** A way against the new part, which is 1 throughout. Judgement, as the costs of the book are. */
export interface Way {
  id: WayId
  /** price of what is fitted */
  partShare: number
  /** the repair's own labour; what must be opened for it is the same */
  labourShare: number
  lifeShare: number
  leaves: Leaves
}

const NEW: Way = { id: 'new', partShare: 1, labourShare: 1, lifeShare: 1, leaves: 'new-part' }
const way = (id: WayId, share: Omit<Way, 'id'>): Way => ({ id, ...share })

/** Parts of which there is more than one way to put them right. */
const MENDABLE: readonly { faults: readonly string[]; ways: readonly Way[] }[] = [
  {
    faults: ['radiator-core-leak', 'radiator-seam-leak'],
    ways: [
      way('mend', { partShare: 0.1, labourShare: 1.5, lifeShare: 0.25, leaves: 'rest-as-old' }),
      way('recore', { partShare: 0.7, labourShare: 1.3, lifeShare: 0.85, leaves: 'tanks-as-old' }),
      NEW,
      way('better', { partShare: 1.7, labourShare: 1, lifeShare: 1.5, leaves: 'new-part' }),
    ],
  },
  {
    faults: ['radiator-restricted'],
    ways: [
      way('mend', { partShare: 0.1, labourShare: 1.6, lifeShare: 0.3, leaves: 'closed-tubes' }),
      way('recore', { partShare: 0.7, labourShare: 1.3, lifeShare: 0.85, leaves: 'tanks-as-old' }),
      NEW,
      way('better', { partShare: 1.5, labourShare: 1, lifeShare: 1.2, leaves: 'new-part' }),
    ],
  },
  {
    faults: ['heater-core-restricted'],
    ways: [
      way('mend', { partShare: 0.1, labourShare: 0.5, lifeShare: 0.3, leaves: 'closed-tubes' }),
      NEW,
    ],
  },
  {
    faults: [
      'upper-hose-leak',
      'lower-hose-leak',
      'lower-hose-collapsing',
      'heater-hose-leak',
      'bypass-hose-leak',
    ],
    // A clamp renewed or the end cut back; or a hose of better stuff.
    ways: [
      way('mend', { partShare: 0.15, labourShare: 0.9, lifeShare: 0.25, leaves: 'rest-as-old' }),
      NEW,
      way('better', { partShare: 2, labourShare: 1, lifeShare: 1.8, leaves: 'new-part' }),
    ],
  },
  {
    faults: ['pump-seal-leak', 'pump-bearing-worn', 'pump-impeller-loose'],
    ways: [
      way('mend', { partShare: 0.55, labourShare: 1.4, lifeShare: 0.7, leaves: 'bearing-as-old' }),
      NEW,
      way('better', { partShare: 1.4, labourShare: 1, lifeShare: 1.3, leaves: 'new-part' }),
    ],
  },
  {
    faults: ['expansion-tank-leak'],
    ways: [
      NEW,
      way('better', { partShare: 2.2, labourShare: 1, lifeShare: 2, leaves: 'new-part' }),
    ],
  },
  {
    faults: ['thermostat-housing-leak'],
    ways: [
      way('mend', { partShare: 0.15, labourShare: 1.2, lifeShare: 0.4, leaves: 'rest-as-old' }),
      NEW,
      way('better', { partShare: 1.8, labourShare: 1, lifeShare: 2, leaves: 'new-part' }),
    ],
  },
  {
    faults: ['fan-clutch-slipping'],
    ways: [
      way('mend', { partShare: 0.1, labourShare: 1.3, lifeShare: 0.2, leaves: 'lost-fluid' }),
      NEW,
    ],
  },
  {
    faults: ['head-cracked'],
    ways: [
      way('mend', { partShare: 0.45, labourShare: 1.2, lifeShare: 0.6, leaves: 'crack-elsewhere' }),
      NEW,
    ],
  },
]

/**
 * The ways of a fault, in the order of `WAYS`; none where there is nothing to choose.
 * @example waysOf('cap-weak').length // 0
 */
export const waysOf = (fault: string): readonly Way[] =>
  MENDABLE.find(({ faults }) => faults.includes(fault))?.ways ?? []

/**
 * The way of a fault by its id; the new part where nothing was chosen or that way does not exist.
 * @example wayOf('radiator-core-leak', 'recore').lifeShare // 0.85
 */
export const wayOf = (fault: string, id: WayId | undefined): Way =>
  waysOf(fault).find((one) => one.id === id) ?? NEW

/** Minutes of a repair that are its own, and those that open what others need opened too. */
export function minutesOf({ id, cost }: Fault): { own: number; shared: number } {
  const shared = ACCESS.filter(({ faults }) => faults.includes(id)).reduce(
    (sum, { minutes }) => sum + minutes,
    0,
  )
  // A shop may say that a repair takes less than the book has for opening it.
  return { own: Math.max(0, cost.minutes - shared), shared }
}
