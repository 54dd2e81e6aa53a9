/** Times of something, ms. */
export interface Spread {
  median: number
  p95: number
}

export function spreadOf(times: readonly number[]): Spread {
  const sorted = [...times].sort((a, b) => a - b)
  const at = (share: number) =>
    Number(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!.toFixed(3))
  return { median: at(0.5), p95: at(0.95) }
}

/** How long some work takes, ms. */
export function timeOf(work: () => void): number {
  const start = performance.now()
  work()
  return performance.now() - start
}

export const timesOf = (runs: number, work: (i: number) => void): number[] =>
  Array.from({ length: runs }, (_, i) => timeOf(() => work(i)))
