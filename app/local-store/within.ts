import type { Message } from '#core'
import { sentence } from '../../words/catalogue'

/** Something of this device did not answer in time, or cannot be used; said in words. */
export class DeviceProblem extends Error {
  constructor(readonly problem: Message) {
    super(sentence(problem))
  }
}

/** The work's outcome, or a DeviceProblem when it is not there after `limitMs`. */
export async function within<T>(limitMs: number, problem: Message, work: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, fail) => {
    timer = setTimeout(() => fail(new DeviceProblem(problem)), limitMs)
  })
  try {
    return await Promise.race([work, late])
  } finally {
    clearTimeout(timer)
  }
}
