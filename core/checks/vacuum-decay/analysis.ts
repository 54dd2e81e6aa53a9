import { correctedValue } from '../../quantity/record'
import type { VacuumDecay } from './record'

/** Loss of vacuum that still counts as tight, kPa per minute; and what the needle may be read off by, kPa. */
const LIMIT_KPA_PER_MINUTE = 0.65
const READ_OFF_KPA = 0.5
/** A vacuum that has deepened by more than this by itself was misread, or the engine cooled under it, kPa. */
const RISES_KPA = 2

/**
 * @example analyseVacuum(example('vacuum-decay.test')).kPaPerMinute // 0.1
 */
export function analyseVacuum(record: VacuumDecay) {
  const lostKPa = correctedValue(record.end) - correctedValue(record.drawn)
  const kPaPerMinute = lostKPa / record.minutes
  return {
    lostKPa,
    kPaPerMinute,
    state:
      lostKPa < -RISES_KPA
        ? ('rises' as const)
        : kPaPerMinute > LIMIT_KPA_PER_MINUTE + READ_OFF_KPA / record.minutes
          ? ('falls' as const)
          : ('holds' as const),
  }
}
