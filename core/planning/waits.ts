import type { Check } from '../checks/define-check'
import type { Phase } from '../checks/check-terms'
import { WARM_UP_MINUTES, type EngineTemperature } from '../physics/engine-temperature'

/** Waiting from where the engine stands until it is hot and until it is cold again, minutes. */
export interface Waits {
  untilHot: number
  untilCold: number
}

const isHot = (phase: Phase) => phase === 'hot' || phase === 'road'

/** Waiting that a check of a phase forces, minutes. */
export function waitFor(phase: Phase, { untilHot, untilCold }: Waits): number {
  if (phase === 'any') return 0
  return isHot(phase) ? untilHot : untilCold
}

/** What a check asks of the engine before it is begun: nothing more, that it is started, or that it is left to cool. */
export type EngineAsked = 'nothing' | 'start' | 'cool'

/** A warm-up run begins on a cold engine that is just started: one that is hot already has nothing left to warm. */
export function askedOfEngine(phase: Phase, engine: EngineTemperature['phase']): EngineAsked {
  if (phase === 'any') return 'nothing'
  if (isHot(phase)) return engine === 'cold' ? 'start' : 'nothing'
  if (phase === 'warm-up' && engine === 'warming') return 'nothing'
  if (engine !== 'cold') return 'cool'
  return phase === 'warm-up' ? 'start' : 'nothing'
}

/** Minutes that pass before a check can be done, whatever the engine. */
const daysOff = ({ afterDays = 0 }: Pick<Check, 'afterDays'>) => afterDays * 24 * 60

/** Waiting before a check, minutes: for the engine, or for the days that it takes to tell anything. */
export const waitBefore = (check: Check, waits: Waits): number =>
  waitFor(check.phase, waits) + daysOff(check)

/** Waits from a real engine: a cooling one is neither at once cold nor at once hot again. */
export function waitsOf({ phase, coldInMinutes }: EngineTemperature): Waits {
  return { untilHot: phase === 'hot' ? 0 : WARM_UP_MINUTES, untilCold: coldInMinutes }
}

/** Waits once a check of a phase was done. */
export function waitsAfter(phase: Phase, before: Waits, coolDownMinutes: number): Waits {
  if (phase === 'any') return before
  return phase === 'warm-up' || isHot(phase)
    ? { untilHot: 0, untilCold: coolDownMinutes }
    : { untilHot: WARM_UP_MINUTES, untilCold: 0 }
}
