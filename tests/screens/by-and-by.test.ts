import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { useByAndBy } from '../../app/composables/use-by-and-by'

/** What is drawn of a list so long, frame after frame, until nothing more comes. */
async function frames(drawn: { value: number }) {
  const seen = [drawn.value]
  while (vi.getTimerCount() > 0) {
    vi.advanceTimersToNextTimer()
    await nextTick()
    seen.push(drawn.value)
  }
  return seen
}
function drawing(wanted: number, length: number) {
  const scope = effectScope()
  const [want, there, list] = [ref(wanted), ref(length), ref({})]
  const drawn = scope.run(() => useByAndBy(want, () => there.value, list))!
  return { drawn, want, there, list, stop: () => scope.stop() }
}

describe('a list that is drawn by and by', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  it('grows by a few each frame up to what is wanted, and then waits for nothing', async () => {
    const { drawn } = drawing(24, 100)
    expect(await frames(drawn)).toEqual([6, 12, 18, 24])
  })
  it('is short at once where little is wanted or there', async () => {
    expect(await frames(drawing(4, 100).drawn)).toEqual([4])
    expect(await frames(drawing(24, 5).drawn)).toEqual([6])
  })
  it('goes on when more comes, and when more is wanted', async () => {
    const { drawn, there, want } = drawing(8, 2)
    there.value = 30
    await nextTick()
    expect(await frames(drawn)).toEqual([6, 8])
    want.value = 20
    await nextTick()
    expect((await frames(drawn)).at(-1)).toBe(20)
  })
  it('begins anew with another list', async () => {
    const { drawn, list } = drawing(24, 100)
    await frames(drawn)
    list.value = {}
    expect(drawn.value).toBe(6)
    await nextTick()
    expect(await frames(drawn)).toEqual([6, 12, 18, 24])
  })
  it('leaves no timer behind', () => {
    const { stop } = drawing(24, 100)
    stop()
    expect(vi.getTimerCount()).toBe(0)
  })
})
