import { describe, expect, it } from 'vitest'
import { inSteps } from './in-steps'

describe('a long task in steps', () => {
  it('lets what waits go first between them, and gives what the last one gives', async () => {
    const order: string[] = []
    function* task(): Generator<void, string, void> {
      for (let step = 0; step < 3; step++) {
        order.push(`step ${step}`)
        yield
      }
      return 'done'
    }
    const done = inSteps(task())
    setImmediate(() => order.push('another'))
    expect(await done).toBe('done')
    expect(order.indexOf('another')).toBeLessThan(order.indexOf('step 2'))
  })
  it('fails as the task fails', async () => {
    function* task(): Generator<void, never, void> {
      yield
      throw new RangeError('too far')
    }
    await expect(inSteps(task())).rejects.toThrow('too far')
  })
})
