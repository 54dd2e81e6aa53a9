import { PAIRS_OF_FIGURES } from './pairs-of-figures'
import { PAIRS_OF_HOLDS } from './pairs-of-holds'
import { PAIRS_OF_SUSPECTS } from './pairs-of-suspects'

/** Every kind of sentences that must not stand together, on one screen or in one case. */
export const PAIRS = [...PAIRS_OF_SUSPECTS, ...PAIRS_OF_HOLDS, ...PAIRS_OF_FIGURES]
