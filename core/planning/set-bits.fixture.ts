import { readingBits, unknownUnder } from './cause-bits'
import type { Shown } from './shown'

/** Information of one reading about the whole set, bits: as planning reckons it where nothing but the set is asked about. */
export function setBits(weights: Float64Array, shown: Shown): number {
  const causes = { of: new Int16Array(weights.length), count: 1 }
  return readingBits(unknownUnder(weights, causes), shown, causes, 1)
}
