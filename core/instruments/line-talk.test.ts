import { beforeEach, describe, expect, it } from 'vitest'
import { createLineTalk, type LineSample } from './line-talk'

/** A clock that is moved by hand: what waits is called in its order. */
function handClock() {
  let now = 0
  let waiting: { at: number; then: () => void }[] = []
  return {
    now: () => now,
    after: (ms: number, then: () => void) => {
      const one = { at: now + ms, then }
      waiting.push(one)
      return () => (waiting = waiting.filter((other) => other !== one))
    },
    pass: (ms: number) => {
      const end = now + ms
      for (;;) {
        const next = waiting.filter(({ at }) => at <= end).toSorted((a, b) => a.at - b.at)[0]
        if (!next) break
        waiting = waiting.filter((other) => other !== next)
        now = next.at
        next.then()
      }
      now = end
    },
    waits: () => waiting.length,
  }
}

let clock: ReturnType<typeof handClock>
let sent: string[]
let samples: LineSample[]
let states: string[]
let isOpen: boolean
const link = { isOpen: () => isOpen, write: (text: string) => void sent.push(text) }
const begun = () => {
  const talk = createLineTalk(link, clock, (fresh, state) => {
    samples.push(...fresh)
    states.push(state)
  })
  talk.begin()
  return talk
}
/** Answers what was asked last until the adapter is set up. */
function setUp(talk: ReturnType<typeof begun>) {
  for (let i = 0; i < 4; i++) {
    talk.take('OK\r\r>')
    clock.pass(100)
  }
}

beforeEach(() => {
  clock = handClock()
  sent = []
  samples = []
  states = []
  isOpen = true
})

describe('talking with an adapter', () => {
  it('asks ten times a second at most, one thing at a time', () => {
    const talk = begun()
    expect(sent).toEqual(['ATZ\r'])
    clock.pass(50)
    talk.take('v1\r\r>')
    expect(sent).toHaveLength(1)
    clock.pass(49)
    expect(sent).toHaveLength(1)
    clock.pass(1)
    expect(sent).toEqual(['ATZ\r', 'ATE0\r'])
    clock.pass(1000)
    expect(sent).toHaveLength(2)
  })
  it('tells each value with the moment at which it came', () => {
    const talk = begun()
    setUp(talk)
    expect(sent.at(-1)).toBe('0105\r')
    clock.pass(30)
    talk.take('41 05 80\r')
    expect(samples).toEqual([])
    talk.take('\r>')
    expect(samples).toEqual([{ at: clock.now(), name: 'coolant', value: 88 }])
    expect(states).toEqual(['setting-up', 'reading'])
  })
  it('gives an adapter that searches for the vehicle more time than one that reads', () => {
    const talk = begun()
    setUp(talk)
    const searching = sent.length
    clock.pass(11_900)
    expect(sent).toHaveLength(searching)
    clock.pass(100)
    expect(sent).toHaveLength(searching + 1)
    talk.take('41 0C 0C D0\r\r>')
    clock.pass(100)
    const reading = sent.length
    clock.pass(2_400)
    expect(sent).toHaveLength(reading)
    clock.pass(100)
    expect(sent).toHaveLength(reading + 1)
  })
  it('tells once that an adapter is silent, and sets it up anew', () => {
    begun()
    clock.pass(7_400)
    expect(states).toEqual(['setting-up'])
    clock.pass(100)
    expect(states).toEqual(['setting-up', 'silent'])
    expect(sent).toEqual(['ATZ\r', 'ATE0\r', 'ATL0\r', 'ATZ\r'])
    clock.pass(7_500)
    expect(states).toEqual(['setting-up', 'silent'])
  })
  it('writes nothing on a line that is closed, and waits for nothing once it is over', () => {
    const talk = begun()
    isOpen = false
    talk.take('v1\r\r>')
    clock.pass(60_000)
    expect(sent).toHaveLength(1)
    talk.end()
    expect(clock.waits()).toBe(0)
    isOpen = true
    talk.take('>')
    clock.pass(60_000)
    expect(sent).toHaveLength(1)
  })
})
