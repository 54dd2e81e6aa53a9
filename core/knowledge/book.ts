import { AIR_FAULTS } from './faults-air'
import { CONDITIONS } from './conditions'
import { withCorrosion } from './corrosion'
import { stableHash } from './hash'
import { FLOW_FAULTS } from './faults-flow'
import { INSIDE_FAULTS } from './faults-inside'
import { EXTERNAL_LEAKS } from './faults-leak'
import { HARMLESS, READING_FAULTS, UNLISTED } from './faults-reading'
import { withLasting } from './lasting'
import { withLevelAfterHold } from './level-after-hold'
import { RENEWAL_SIGNS, withRenewals } from './renewals'
import { SIGNS } from './signs'
import type { Level } from './levels'
import type { Book, Effect, Fault } from './types'

const ISOLATED_HOLD = 'hold-without-'

/** Whether a sign is of a hold that is done again with a part isolated, after one that fell. */
export const isOfIsolatedHold = (sign: string): boolean => sign.startsWith(ISOLATED_HOLD)

/** Faults that a hold with these parts isolated does not see. */
const ISOLATED: Readonly<Record<string, readonly string[]>> = {
  [`${ISOLATED_HOLD}heater`]: ['heater-core-leak', 'heater-valve-leak'],
  [`${ISOLATED_HOLD}coolers`]: [
    'oil-cooler-internal',
    'gearbox-cooler-internal',
    'egr-cooler-internal',
  ],
}

/** What mostly shows in one hold shows again in the next: a part is isolated because the hold before it fell. */
const FELL_BEFORE: readonly Level[] = ['often', 'mostly', 'nearlyAlways']

/** A hold with a part isolated falls for the same reasons as any cold hold, but for that part. */
function withIsolatedHolds(fault: Fault): Fault {
  const cold = fault.effects.find((effect) => effect.sign === 'hold-cold')
  if (!cold) return fault
  const { seep } = cold.atLeast
  const again = seep && FELL_BEFORE.includes(seep) ? 'almostAlways' : seep
  const hold = { ...cold, atLeast: { ...cold.atLeast, ...(again ? { seep: again } : {}) } }
  const more = Object.entries(ISOLATED)
    .filter(([, isolated]) => !isolated.includes(fault.id))
    .map(([sign]): Effect => ({ ...hold, sign }))
  return { ...fault, effects: [...fault.effects, ...more] }
}

const FAULTS: readonly Fault[] = [
  ...EXTERNAL_LEAKS,
  ...INSIDE_FAULTS,
  ...FLOW_FAULTS,
  ...AIR_FAULTS,
  ...READING_FAULTS,
  ...HARMLESS,
  ...UNLISTED,
].map((fault) => withRenewals(withCorrosion(withLevelAfterHold(withIsolatedHolds(fault)))))

export const BOOK: Book = {
  version: '2026.12-3',
  faults: FAULTS,
  conditions: CONDITIONS,
  signs: [...SIGNS.map((sign) => withLasting(sign, FAULTS)), ...RENEWAL_SIGNS],
  nothingAtAll: { 'coolant-loss': 0.03, overheats: 0.03, 'no-heat': 0.03, inspection: 0.5 },
  aliases: {
    faults: { 'fan-electric-dead': 'fan-motor-dead', 'not-in-the-book': 'unlisted-leak' },
    signs: {},
  },
}

/** A fault's id in this book, for an id of any earlier one. */
export const currentFault = (id: string): string => BOOK.aliases.faults[id] ?? id

/**
 * What a fault is called; its id, where this book does not know it.
 * @example faultName('cap-weak') // 'Cap: weak or leaking'
 */
export const faultName = (id: string): string =>
  BOOK.faults.find((fault) => fault.id === currentFault(id))?.name ?? id
/** A sign's id in this book, for an id of any earlier one. */
export const currentSign = (id: string): string => BOOK.aliases.signs[id] ?? id

/**
 * What a sign is called; its id, where this book does not know it.
 * @example signName('hot-at-load') // 'Hot at speed, climbing or towing'
 */
export const signName = (id: string): string =>
  BOOK.signs.find((sign) => sign.id === currentSign(id))?.name ?? id

/**
 * Why a fault shows in a sign: the reason of its own effect, or of the hidden condition through which it acts, at
 * most two conditions deep. Undefined where it has nothing to do with the sign.
 */
export function reasonFor(faultId: string, signId: string): string | undefined {
  const fault = BOOK.faults.find((f) => f.id === faultId)
  const own = fault?.effects.find((e) => e.sign === signId)
  if (!fault || own) return own?.because
  const first = new Set(fault.causes.map((c) => c.condition))
  const second = BOOK.conditions
    .filter((c) => c.causedBy.some((b) => first.has(b.condition)))
    .map((c) => c.id)
  for (const id of [...first, ...second]) {
    const effect = BOOK.conditions.find((c) => c.id === id)?.effects.find((e) => e.sign === signId)
    if (effect) return effect.because
  }
  return undefined
}

export const BOOK_HASH = stableHash(JSON.stringify(BOOK))
