import { setImmediate as whatWaits } from 'node:timers/promises'

/** Carries out steps and lets whatever else waits go first between them, so that one long task stops nobody. */
export async function inSteps<T>(steps: Generator<void, T, void>): Promise<T> {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    await whatWaits()
  }
}
