import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, shallowRef } from 'vue'
import { HELD_MS, useSteady } from './use-steady'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

function steady() {
  const list = shallowRef<readonly string[]>(['a', 'b'])
  const within = shallowRef<EventTarget | undefined>(new EventTarget())
  const { shown, release } = effectScope().run(() => useSteady(() => list.value, within))!
  const set = async (now: readonly string[]) => {
    list.value = now
    await nextTick()
  }
  const point = (how = 'pointerdown') => within.value!.dispatchEvent(new Event(how))
  return { shown, release, set, point }
}

describe('a list under the finger', () => {
  it('follows at once where nobody points into it', async () => {
    const { shown, set } = steady()
    await set(['b', 'a'])
    expect(shown.value).toEqual(['b', 'a'])
  })
  it.each(['pointerdown', 'pointermove', 'focusin'])(
    'stays as it is after a %s, and follows when nothing was touched for a moment',
    async (how) => {
      const { shown, set, point } = steady()
      await nextTick()
      point(how)
      await set(['b', 'a'])
      vi.advanceTimersByTime(HELD_MS - 1)
      expect(shown.value).toEqual(['a', 'b'])
      vi.advanceTimersByTime(1)
      expect(shown.value).toEqual(['b', 'a'])
    },
  )
  it('is held anew by every touch, and shows the newest of what came meanwhile', async () => {
    const { shown, set, point } = steady()
    await nextTick()
    point()
    await set(['b', 'a'])
    vi.advanceTimersByTime(HELD_MS - 1)
    point()
    await set(['c'])
    vi.advanceTimersByTime(HELD_MS - 1)
    expect(shown.value).toEqual(['a', 'b'])
    vi.advanceTimersByTime(1)
    expect(shown.value).toEqual(['c'])
  })
  it('is let go where somebody asks for more of it', async () => {
    const { shown, release, set, point } = steady()
    await nextTick()
    point()
    await set(['a', 'b', 'c'])
    release()
    expect(shown.value).toEqual(['a', 'b', 'c'])
  })
})
