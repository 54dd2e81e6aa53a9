import { yes } from './fault-builder'
import type { Level } from './levels'
import type { Fault } from './types'

interface Eaten {
  /** how often the coolant beside it has nothing left that protects */
  spent: Level
  /** how often a current that strays through the coolant did it */
  stray?: Level
}

/** Faults that are metal eaten from inside. */
const EATEN_FROM_INSIDE: Readonly<Record<string, Eaten>> = {
  'radiator-core-leak': { spent: 'even', stray: 'seldom' },
  'heater-core-leak': { spent: 'even', stray: 'seldom' },
  'hard-pipe-leak': { spent: 'even' },
  'core-plug-leak': { spent: 'often' },
  'pump-seal-leak': { spent: 'sometimes' },
  'manifold-gasket-leak': { spent: 'sometimes' },
  'gasket-external': { spent: 'sometimes' },
  'oil-cooler-internal': { spent: 'sometimes', stray: 'seldom' },
  'gearbox-cooler-internal': { spent: 'sometimes' },
  'egr-cooler-internal': { spent: 'sometimes' },
  'liner-pinhole': { spent: 'often' },
}

/** A fault with what its coolant shows where it was eaten from inside. */
export function withCorrosion(fault: Fault): Fault {
  const eaten = EATEN_FROM_INSIDE[fault.id]
  if (!eaten) return fault
  const effects = [
    ...fault.effects,
    yes('inhibitor-spent', eaten.spent, 'Metal is eaten where nothing in the coolant protects it.'),
    ...(eaten.stray
      ? [yes('stray-voltage', eaten.stray, 'Current through the coolant eats thin metal.')]
      : []),
  ]
  return { ...fault, effects }
}
