import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { builtInCase } from '#core'

type Listener = (event: { data?: unknown }) => void

/** A worker that answers when it is told to. */
class StandIn {
  static made: StandIn[] = []
  readonly asked: { ticket: number }[] = []
  isEnded = false
  private readonly listeners = new Map<string, Listener>()
  constructor() {
    StandIn.made.push(this)
  }
  addEventListener(kind: string, listener: Listener) {
    this.listeners.set(kind, listener)
  }
  postMessage(message: { ticket: number }) {
    this.asked.push(message)
  }
  terminate() {
    this.isEnded = true
  }
  answer(data: object) {
    this.listeners.get('message')!({ data })
  }
  fail() {
    this.listeners.get('error')!({})
  }
}

describe('the worker that ranks for all pages', () => {
  beforeEach(() => {
    StandIn.made = []
    vi.resetModules()
    vi.stubGlobal('Worker', StandIn)
  })
  afterEach(() => vi.unstubAllGlobals())

  function asking() {
    const heard: string[] = []
    return {
      heard,
      first: () => heard.push('first'),
      done: () => heard.push('done'),
      failed: () => heard.push('failed'),
    }
  }

  it('is one, tells probabilities first and the whole after, each to who asked', async () => {
    const { askRanker } = await import('./ranker')
    const [one, other] = [asking(), asking()]
    askRanker(builtInCase(), one)
    askRanker(builtInCase(), other)
    const [worker, ...more] = StandIn.made
    expect(more).toEqual([])
    const [first, second] = worker!.asked.map(({ ticket }) => ticket)
    worker!.answer({ ticket: second, chances: {} })
    worker!.answer({ ticket: first, chances: {} })
    worker!.answer({ ticket: first, answer: {} })
    expect(one.heard).toEqual(['first', 'done'])
    expect(other.heard).toEqual(['first'])
  })
  it('plans when it is asked, and tells the plans to nobody else', async () => {
    const { askPlans, askRanker } = await import('./ranker')
    const one = asking()
    askRanker(builtInCase(), one)
    const plans = askPlans(builtInCase(), 'certainty')
    const [worker] = StandIn.made
    const [ranking, planning] = worker!.asked
    expect(ranking).not.toHaveProperty('wants')
    expect(planning).toMatchObject({ wants: { plansOf: 'certainty' } })
    worker!.answer({ ticket: planning!.ticket, planned: { plans: [] } })
    expect(await plans).toEqual({ plans: [] })
    expect(one.heard).toEqual([])
  })
  it('fails who waits for plans when it stops', async () => {
    const { askPlans } = await import('./ranker')
    const plans = askPlans(builtInCase(), 'certainty')
    StandIn.made[0]!.fail()
    await expect(plans).rejects.toThrow()
  })
  it('tells nothing to who has left', async () => {
    const { askRanker } = await import('./ranker')
    const one = asking()
    const leave = askRanker(builtInCase(), one)
    leave()
    const [worker] = StandIn.made
    worker!.answer({ ticket: worker!.asked[0]!.ticket, answer: {} })
    expect(one.heard).toEqual([])
  })
  it('that stops is put away with a word to all who wait, and the next is asked of a new one', async () => {
    const { askRanker } = await import('./ranker')
    const one = asking()
    askRanker(builtInCase(), one)
    StandIn.made[0]!.fail()
    expect(one.heard).toEqual(['failed'])
    expect(StandIn.made[0]!.isEnded).toBe(true)
    askRanker(builtInCase(), asking())
    expect(StandIn.made.length).toBe(2)
    expect(StandIn.made[1]!.asked.length).toBe(1)
  })
})
