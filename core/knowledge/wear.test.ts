import { describe, expect, it } from 'vitest'
import { buildModel } from '../inference/model'
import { BOOK } from './book'
import { USUAL_WEAR, wearFactor, WEARING, wearOf } from './wear'

const priorOf = (life: Parameters<typeof wearOf>[0], id: string) => {
  const model = buildModel(BOOK, 'coolant-loss', {}, { wear: wearOf(life) })
  return model.prior[model.faultIndex.get(id)!]!
}

describe('wear', () => {
  it('counts for faults that the book has, each in one way', () => {
    const ids = new Set(BOOK.faults.map(({ id }) => id))
    for (const id of WEARING) expect(ids, id).toContain(id)
    expect(new Set(WEARING).size).toBe(WEARING.length)
  })
  it('is the usual one where neither age nor distance is known', () => {
    expect(wearOf({})).toEqual(USUAL_WEAR)
    expect(wearOf({ years: 10, kilometres: 150_000 })).toEqual(USUAL_WEAR)
  })
  it('grows with the years and the distance, within bounds', () => {
    expect(wearOf({ years: 1, kilometres: 10_000 })).toEqual({ perished: 0.375, worn: 0.375 })
    expect(wearOf({ years: 40, kilometres: 900_000 })).toEqual({ perished: 1.75, worn: 1.75 })
    expect(wearOf({ kilometres: 600_000 }, true).worn).toBe(1)
  })
  it('makes hoses of an old vehicle likelier, and on a young one what was done to it', () => {
    expect(priorOf({ years: 20 }, 'upper-hose-leak')).toBeGreaterThan(
      1.2 * priorOf({ years: 10 }, 'upper-hose-leak'),
    )
    expect(priorOf({ years: 2 }, 'upper-hose-leak')).toBeLessThan(
      0.6 * priorOf({ years: 10 }, 'upper-hose-leak'),
    )
    expect(priorOf({ years: 2 }, 'overfilled')).toBeGreaterThan(priorOf({}, 'overfilled'))
  })
  it('leaves alone what does not wear', () =>
    expect(wearFactor('cap-wrong', { perished: 1.75, worn: 0.375 })).toBe(1))
})
