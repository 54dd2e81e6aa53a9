import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Belief } from './belief'
import { modelOrSkip, randomCase } from './random-book.fixture'

describe('a belief that takes over what an earlier one summed out', () => {
  it('is the same as one that starts afresh, whatever was read between them', () => {
    let takenOver = 0
    fc.assert(
      fc.property(randomCase, fc.nat(20), fc.nat(20), (one, before, after) => {
        const { model, timeline } = modelOrSkip(one)
        const { readings } = one
        const first = readings.slice(0, before % (readings.length + 1))
        const then = readings.slice(after % (readings.length + 1))
        const earlier = new Belief(model, first, timeline)
        const straight = new Belief(model, then, timeline)
        const over = new Belief(model, then, timeline, earlier)
        takenOver += over.conditions.filter((own) => earlier.conditions.includes(own)).length
        expect([...over.faults]).toEqual([...straight.faults])
        expect(over.conditionsNow()).toEqual(straight.conditionsNow())
        for (const { source } of then)
          expect([...over.without(source)]).toEqual([...straight.without(source)])
      }),
    )
    expect(takenOver).toBeGreaterThan(20)
  })
  it('starts afresh where other work was done on the vehicle', () => {
    fc.assert(
      fc.property(randomCase, (one) => {
        const { model, timeline } = modelOrSkip(one)
        const readings = one.readings.map((reading) => ({ ...reading, epoch: 0 }))
        const earlier = new Belief(model, readings, [])
        const straight = new Belief(model, readings, timeline)
        const over = new Belief(model, readings, timeline, earlier)
        expect([...over.faults]).toEqual([...straight.faults])
      }),
    )
  })
})
