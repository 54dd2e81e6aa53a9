import type { Fault, Sign } from './types'

/** The complaint gone once the system was full and without air. */
const CURED = 'cured-by-refill'
/** What filling and bleeding puts right for a while, or for good. */
const FILLED_UP: readonly string[] = ['level-low', 'air-inside']
/** Faults that go with the old coolant. */
const DRAINED_AWAY: readonly string[] = ['coolant-wrong']

/**
 * Whether a fault lasts through a refill: it neither lets coolant out nor air in, and is not in the coolant itself.
 * @example isLasting(BOOK.faults.find(({ id }) => id === 'thermostat-stuck-open')) // true
 */
export const isLasting = ({ id, group, causes }: Fault): boolean =>
  (group === 'flow' || group === 'air' || group === 'reading') &&
  !causes.some(({ condition }) => FILLED_UP.includes(condition)) &&
  !DRAINED_AWAY.includes(id)

/**
 * The same sign; where it is the cure by a refill, with every lasting fault as one that hardly lets the complaint go:
 * air that went out explains the cure only where nothing else was the matter.
 * @example withLasting(SIGNS.find(({ id }) => id === 'cured-by-refill'), BOOK.faults).overrides.length > 10 // true
 */
export function withLasting(sign: Sign, faults: readonly Fault[]): Sign {
  if (sign.id !== CURED) return sign
  const lasting = faults.filter(isLasting).map(({ id }) => ({
    by: id,
    atLeast: { yes: 'rarely' as const },
    because: 'It is still there when the air is out.',
  }))
  return { ...sign, overrides: [...(sign.overrides ?? []), ...lasting] }
}
