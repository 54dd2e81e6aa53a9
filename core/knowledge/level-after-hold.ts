import { yes } from './fault-builder'
import { LEVELS } from './levels'
import type { Fault } from './types'

/** From so often on a leak of this kind lets out in a quarter of an hour what is seen at the mark. */
const OFTEN_LARGE = LEVELS.sometimes

/** What makes a cold hold fall lets coolant out: seen at the mark where it is more than a seep. */
export function withLevelAfterHold(fault: Fault): Fault {
  const cold = fault.effects.find(({ sign }) => sign === 'hold-cold')
  if (!cold) return fault
  const { leak } = cold.atLeast
  const isLarge = leak !== undefined && LEVELS[leak] >= OFTEN_LARGE
  const effect = yes(
    'level-lower-after-hold',
    isLarge ? 'even' : 'sometimes',
    isLarge
      ? 'What the needle lost went out as coolant.'
      : 'A seep lets out less than can be seen at the mark.',
  )
  return { ...fault, effects: [...fault.effects, effect] }
}
