import { afterEach, describe, expect, it, vi } from 'vitest'
import { message } from '#core'
import { Late, within } from './within'

const SLOW = message('common.offline.storageSlow')

/** Timers of a device that sleeps: on waking, all that run are over, and those that begin then run anew. */
function sleeper() {
  let running: (() => void)[] = []
  vi.stubGlobal('setTimeout', (over: () => void) => running.push(over))
  return {
    sleepAndWake() {
      const over = running
      running = []
      for (const timer of over) timer()
    },
  }
}
afterEach(() => void vi.unstubAllGlobals())

describe('work that is given some time', () => {
  it('gives what it gives, or fails as it fails', async () => {
    expect(await within(1000, SLOW, Promise.resolve('kept'))).toBe('kept')
    await expect(within(1000, SLOW, Promise.reject(new Error('full')))).rejects.toThrow('full')
  })
  it('is late when it did not answer, and tells when it is done after all', async () => {
    let done = (_: string) => {}
    const work = new Promise<string>((on) => (done = on))
    const late = await within(5, SLOW, work).catch((error: unknown) => error)
    expect(late).toBeInstanceOf(Late)
    done('kept')
    expect(await (late as Late<string>).work).toBe('kept')
  })
  it('has the rest of its time after the device slept through the limit, and not for ever', async () => {
    const { sleepAndWake } = sleeper()
    let done = (_: string) => {}
    const woken = within(10_000, SLOW, new Promise<string>((on) => (done = on)))
    sleepAndWake()
    done('kept')
    expect(await woken).toBe('kept')

    sleepAndWake()
    const never = expect(within(10_000, SLOW, new Promise(() => {}))).rejects.toThrow(Late)
    for (let part = 0; part < 10; part++) sleepAndWake()
    await never
  })
})
