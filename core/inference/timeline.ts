/** What one piece of work changed: faults taken away, and faults it may have brought in, each with its chance. */
export interface Work {
  repaired: readonly number[]
  brought: readonly { fault: number; chance: number }[]
}

/** The work before each epoch but the first; epochs are 0 … works.length. */
export type Timeline = readonly Work[]

/** One fault that may have come with the work before epoch `from`. */
export interface Newcomer {
  fault: number
  from: number
  chance: number
}

export function newcomers(timeline: Timeline): Newcomer[] {
  return timeline.flatMap(({ brought }, i) =>
    brought.map(({ fault, chance }) => ({ fault, from: i + 1, chance })),
  )
}

/** Whether a fault present since epoch `from` (0: from the beginning) is still there in `epoch`. */
export function stands(timeline: Timeline, fault: number, from: number, epoch: number): boolean {
  if (epoch < from) return false
  for (let e = Math.max(1, from + 1); e <= epoch; e++)
    if (timeline[e - 1]!.repaired.includes(fault)) return false
  return true
}
