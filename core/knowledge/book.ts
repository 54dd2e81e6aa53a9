import { stableHash } from './hash'
import { HEAT_FAULTS } from './faults-heat'
import { INSIDE_FAULTS } from './faults-inside'
import { EXTERNAL_LEAKS } from './faults-leak'
import { SIGNS } from './signs'
import type { Book, Effect, Fault } from './types'

/** Signs that something nobody wrote down would disturb too. */
const DISTURBED_BY_THE_UNKNOWN: readonly Effect[] = [
  { sign: 'hold-cold', atLeast: { seep: 'even', leak: 'seldom', gross: 'rarely' }, because: 'An unlisted leak makes the hold fall like any other.' },
  { sign: 'tray-wet', atLeast: { yes: 'even' }, because: 'An unlisted leak drips as often as not.' },
  { sign: 'wet-under', atLeast: { yes: 'even' }, because: 'An unlisted leak drips as often as not.' },
  { sign: 'level-cold', atLeast: { low: 'even', empty: 'seldom' }, because: 'Something lowered the level.' },
  { sign: 'loss-size', atLeast: { moderate: 'sometimes', heavy: 'seldom' }, because: 'Any size.' },
  { sign: 'white-exhaust', atLeast: { yes: 'seldom' }, because: 'Coolant may burn by a way not listed.' },
  { sign: 'hot-at-idle', atLeast: { yes: 'sometimes' }, because: 'Heat not shed by a cause not listed.' },
  { sign: 'hot-at-load', atLeast: { yes: 'sometimes' }, because: 'Heat not shed by a cause not listed.' },
  { sign: 'heater-cold', atLeast: { yes: 'sometimes' }, because: 'No heat by a cause not listed.' },
  { sign: 'never-warms', atLeast: { yes: 'sometimes' }, because: 'Cold by a cause not listed.' },
]

const NOT_IN_THE_BOOK: Fault = {
  id: 'not-in-the-book', name: 'Not in the book', what: 'Something that the book does not list.', group: 'not-in-the-book',
  prior: { 'coolant-loss': 'uncommon', overheats: 'everyFourth', 'no-heat': 'everyFourth' },
  priorBecause: 'The book of leaks is fuller than that of heat, so the unknown is smaller there.',
  effects: DISTURBED_BY_THE_UNKNOWN,
  guards: [{ id: 'all-excluded', text: 'Every listed suspect excluded', anyOf: [['all-excluded']] }],
  links: [], proof: 'The complaint gone, and the cause written down for the book.',
}

export const BOOK: Book = {
  version: '2026.11-1',
  faults: [...EXTERNAL_LEAKS, ...INSIDE_FAULTS, ...HEAT_FAULTS, NOT_IN_THE_BOOK],
  signs: SIGNS,
  nothingAtAll: { 'coolant-loss': 0.03, overheats: 0.03, 'no-heat': 0.03 },
}

export const BOOK_HASH = stableHash(JSON.stringify(BOOK))
