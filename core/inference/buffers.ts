/**
 * Large arrays kept for the next use: on many machines fresh memory costs more than the arithmetic done in it. Who
 * takes one gives it back, or lets it go; what is taken holds anything.
 */
const free = new Map<number, Float64Array[]>()
const KEPT_PER_LENGTH = 2

export function takeBuffer(length: number): Float64Array {
  return free.get(length)?.pop() ?? new Float64Array(length)
}

export function giveBack(buffer: Float64Array): void {
  const list = free.get(buffer.length) ?? []
  if (list.length < KEPT_PER_LENGTH && buffer.length > 0) free.set(buffer.length, [...list, buffer])
}
