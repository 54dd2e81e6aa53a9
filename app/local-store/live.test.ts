import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Locks, Source } from './browser-stand-ins'
import { followLive } from './live'

const settled = async () => {
  for (let i = 0; i < 10; i++) await Promise.resolve()
}
let signedIn = true
function tab() {
  const changed = vi.fn()
  return { changed, stop: followLive('ilka', () => signedIn, changed) }
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', Source)
  vi.stubGlobal('navigator', { locks: new Locks() })
  Source.open = []
  signedIn = true
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

describe('following the server', () => {
  it('opens one connection for all tabs, and tells the tab that has it of a change, not of a beat', async () => {
    const tabs = [tab(), tab(), tab()]
    await settled()
    expect(Source.open.length).toBe(1)
    Source.open[0]!.say('change')
    Source.open[0]!.say('beat')
    expect(tabs.map(({ changed }) => changed.mock.calls.length)).toEqual([1, 0, 0])
  })
  it('hands over when the listening tab closes', async () => {
    const [first, second] = [tab(), tab()]
    await settled()
    const before = Source.open[0]
    first.stop()
    await settled()
    expect(Source.open.length).toBe(1)
    expect(Source.open[0]).not.toBe(before)
    Source.open[0]!.say('change')
    expect([first.changed.mock.calls.length, second.changed.mock.calls.length]).toEqual([0, 1])
  })
  it('connects again after a while when the server went away, and not when signed out', async () => {
    tab()
    await settled()
    Source.open[0]!.fail()
    expect(Source.open.length).toBe(0)
    await vi.advanceTimersByTimeAsync(8_000)
    expect(Source.open.length).toBe(1)
    signedIn = false
    Source.open[0]!.fail()
    await vi.advanceTimersByTimeAsync(60_000)
    expect(Source.open.length).toBe(0)
  })
  it('a tab that leaves while it waits never connects', async () => {
    const [first, second] = [tab(), tab()]
    await settled()
    second.stop()
    first.stop()
    await settled()
    expect(Source.open.length).toBe(0)
  })
})
