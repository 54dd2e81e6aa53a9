import { setTimeout as sleep } from 'node:timers/promises'
import { describe, expect, it } from 'vitest'
import { doneTogether } from './together'

/** What nothing can be done with: it is not the item's fault, and would be every other's. */
const AWAY = 404

/** Work that notes in which lots it was done; a lot with a bad item in it fails as a whole. */
function watched(most = 10) {
  const lots: number[][] = []
  const alone: number[] = []
  const ask = doneTogether(
    async (items: readonly number[]) => {
      lots.push([...items])
      await sleep(5)
      if (items.includes(AWAY)) throw new Error('the database is away')
      if (items.some((item) => item < 0)) throw new Error('one of them is bad')
      return items.map((item) => item * 2)
    },
    async (item: number) => {
      alone.push(item)
      await sleep(5)
      if (item === AWAY) throw new Error('the database is away')
      if (item < 0) throw new Error(`${item} is bad`)
      return item * 2
    },
    most,
    (error) => (error as Error).message.includes('away'),
  )
  return { ask, lots, alone }
}

describe('what comes at once', () => {
  it('is done together while the first is being done, each with its own outcome', async () => {
    const { ask, lots, alone } = watched()
    const outcomes = await Promise.all([1, 2, 3, 4].map((n) => ask('shop', n)))
    expect(outcomes).toEqual([2, 4, 6, 8])
    expect([alone, lots]).toEqual([[1], [[2, 3, 4]]])
  })
  it('is done in lots of so many at most, in its order', async () => {
    const { ask, lots } = watched(3)
    await Promise.all([1, 2, 3, 4, 5, 6, 7].map((n) => ask('shop', n)))
    expect(lots).toEqual([
      [2, 3, 4],
      [5, 6, 7],
    ])
  })
  it('of other keys does not wait', async () => {
    const { ask, alone } = watched()
    await Promise.all([ask('one', 1), ask('two', 2)])
    expect(alone).toEqual([1, 2])
  })
  it('and fails fails alone: the others have what they asked for', async () => {
    const { ask } = watched()
    const outcomes = await Promise.allSettled([1, 2, -3, 4].map((n) => ask('shop', n)))
    expect(outcomes.map((one) => ('value' in one ? one.value : String(one.reason)))).toEqual([
      2,
      4,
      'Error: -3 is bad',
      8,
    ])
  })
  it('fails all at once when the error is everybody’s, those who wait with them', async () => {
    const { ask, lots, alone } = watched(2)
    const outcomes = await Promise.allSettled([1, AWAY, 3, 4, 5].map((n) => ask('shop', n)))
    expect(outcomes.map(({ status }) => status)).toEqual([
      'fulfilled',
      'rejected',
      'rejected',
      'rejected',
      'rejected',
    ])
    expect([alone, lots]).toEqual([[1], [[AWAY, 3]]])
    expect(await ask('shop', 6)).toBe(12)
  })
  it('after a failure is done together again', async () => {
    const { ask, lots } = watched()
    await Promise.allSettled([ask('shop', -1), ask('shop', -2), ask('shop', 3)])
    lots.length = 0
    expect(await Promise.all([4, 5, 6].map((n) => ask('shop', n)))).toEqual([8, 10, 12])
    expect(lots.length).toBe(1)
  })
})
