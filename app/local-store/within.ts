import type { Message } from '#core'
import { sentence } from '../../words/catalogue'

/** Something of this device did not answer in time, or cannot be used; said in words. */
export class DeviceProblem extends Error {
  constructor(readonly problem: Message) {
    super(sentence(problem))
  }
}

/** Work that did not answer in time. It may still be done: `work` tells. */
export class Late<T> extends DeviceProblem {
  constructor(
    problem: Message,
    readonly work: Promise<T>,
  ) {
    super(problem)
  }
}

/** A device that sleeps stops its timers, and finds them all over when it wakes: it loses one of these parts, ms. */
const PART_MS = 1000

/**
 * The work's outcome, or `Late` when it is not there after `limitMs`. The time is counted in parts, so that a device
 * which slept through the limit still gives the work the rest of it.
 */
export async function within<T>(limitMs: number, problem: Message, work: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, fail) => {
    const wait = (leftMs: number) => {
      const partMs = Math.min(leftMs, PART_MS)
      timer = setTimeout(
        () => (leftMs > partMs ? wait(leftMs - partMs) : fail(new Late(problem, work))),
        partMs,
      )
    }
    wait(limitMs)
  })
  try {
    return await Promise.race([work, late])
  } finally {
    clearTimeout(timer)
  }
}
