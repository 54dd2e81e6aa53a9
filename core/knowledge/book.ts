import { AIR_FAULTS } from './faults-air'
import { CONDITIONS } from './conditions'
import { stableHash } from './hash'
import { FLOW_FAULTS } from './faults-flow'
import { INSIDE_FAULTS } from './faults-inside'
import { EXTERNAL_LEAKS } from './faults-leak'
import { HARMLESS, READING_FAULTS, UNLISTED } from './faults-reading'
import { SIGNS } from './signs'
import type { Book, Effect, Fault } from './types'

/** Faults that a hold with these parts isolated does not see. */
const ISOLATED: Readonly<Record<string, readonly string[]>> = {
  'hold-without-heater': ['heater-core-leak', 'heater-valve-leak'],
  'hold-without-coolers': ['oil-cooler-internal', 'gearbox-cooler-internal', 'egr-cooler-internal'],
}

/** A hold with a part isolated falls for the same reasons as any cold hold, but for that part. */
function withIsolatedHolds(fault: Fault): Fault {
  const hold = fault.effects.find((effect) => effect.sign === 'hold-cold')
  if (!hold) return fault
  const more = Object.entries(ISOLATED)
    .filter(([, isolated]) => !isolated.includes(fault.id))
    .map(([sign]): Effect => ({ ...hold, sign }))
  return { ...fault, effects: [...fault.effects, ...more] }
}

export const BOOK: Book = {
  version: '2026.11-2',
  faults: [...EXTERNAL_LEAKS, ...INSIDE_FAULTS, ...FLOW_FAULTS, ...AIR_FAULTS, ...READING_FAULTS, ...HARMLESS, ...UNLISTED].map(withIsolatedHolds),
  conditions: CONDITIONS,
  signs: SIGNS,
  nothingAtAll: { 'coolant-loss': 0.03, overheats: 0.03, 'no-heat': 0.03 },
  aliases: {
    faults: { 'fan-electric-dead': 'fan-motor-dead', 'not-in-the-book': 'unlisted-leak' },
    signs: {},
  },
}

/** A fault's id in this book, for an id of any earlier one. */
export const currentFault = (id: string): string => BOOK.aliases.faults[id] ?? id
/** A sign's id in this book, for an id of any earlier one. */
export const currentSign = (id: string): string => BOOK.aliases.signs[id] ?? id

export const BOOK_HASH = stableHash(JSON.stringify(BOOK))
