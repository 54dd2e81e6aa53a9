/** Classes of weight: 0 for ½ and more, one more for each halving, the last for all that is smaller. */
export const CLASSES = 128
const bits = new Float64Array(1)
const words = new Uint32Array(bits.buffer)

/** Class of a weight by its binary exponent: 0 for ½ and more, one more for each halving; read off the bits, which is faster than a logarithm. */
export function weightClass(weight: number): number {
  bits[0] = weight
  const c = 1022 - ((words[1]! >>> 20) & 2047)
  return c < 0 ? 0 : c >= CLASSES ? CLASSES - 1 : c
}

/** Indices of the heaviest sets, so that at most `lost` of the mass is left out; by halving classes of weight. */
export function heaviest(weights: Float64Array, lost: number): { kept: Int32Array; lost: number } {
  const mass = new Float64Array(CLASSES)
  for (let s = 0; s < weights.length; s++) mass[weightClass(weights[s]!)]! += weights[s]!
  let last = CLASSES - 1
  let left = 0
  if (weights.length >= 4000) while (last > 0 && left + mass[last]! <= lost) left += mass[last--]!
  const kept = new Int32Array(weights.length)
  let count = 0
  for (let s = 0; s < weights.length; s++)
    if (weights[s]! > 0 && weightClass(weights[s]!) <= last) kept[count++] = s
  return { kept: kept.slice(0, count), lost: left }
}
