import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { canonical, contentHash, inLots, numbering } from './append'

const json = fc.jsonValue({ maxDepth: 3 })
/** The same value with the keys of its objects in another order. */
function turned(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(turned)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([key, inner]) => [key, turned(inner)]),
  )
}

describe('the hash of an entry’s content', () => {
  it('is the same whatever the order of its fields', () => {
    fc.assert(
      fc.property(json, (value) => {
        expect(contentHash(turned(value))).toBe(contentHash(value))
      }),
    )
  })
  it('is another for other content', () => {
    fc.assert(
      fc.property(json, json, (a, b) => {
        if (canonical(a) !== canonical(b)) expect(contentHash(a)).not.toBe(contentHash(b))
      }),
    )
  })
  it('leaves out what is not there, and not what is empty', () => {
    expect(contentHash({ a: 1, b: undefined })).toBe(contentHash({ a: 1 }))
    expect(contentHash({ a: 1, b: null })).not.toBe(contentHash({ a: 1 }))
    expect(contentHash({ a: '' })).not.toBe(contentHash({}))
    expect(contentHash(['a', 'b'])).not.toBe(contentHash(['b', 'a']))
  })
  it('is of JSON that reads back as the same', () => {
    fc.assert(
      fc.property(json, (value) => {
        expect(JSON.parse(canonical(value))).toEqual(JSON.parse(JSON.stringify(value)))
      }),
    )
  })
})

describe('lots', () => {
  it('hold everything once, in its order, and none is larger than one statement takes', async () => {
    const lots: number[][] = []
    const all = Array.from({ length: 2_345 }, (_, n) => n)
    await inLots(all, (lot) => {
      lots.push(lot)
      return Promise.resolve()
    })
    expect(lots.flat()).toEqual(all)
    expect(lots.map(({ length }) => length)).toEqual([1_000, 1_000, 345])
  })
  it('of nothing are none', async () => {
    await inLots([], () => Promise.reject(new Error('not to be called')))
  })
})

describe('numbering what changed', () => {
  const change = (shopId: string, n: number, entity = 'record') => ({
    shopId,
    entity,
    entityId: `id-${n}`,
  })

  it('moves each shop’s cursor by as much as changed in it, once', () => {
    const text = numbering([change('a', 1), change('b', 2), change('a', 3)])
    expect(text.match(/update shops/g)).toHaveLength(2)
    expect(text).toMatch(/change_seq \+ 2\s+where id = 'a'/)
    expect(text).toMatch(/change_seq \+ 1\s+where id = 'b'/)
    expect(text).toContain("array['id-1','id-3']::uuid[]")
  })
  it('keeps the order in which it was noted', () => {
    const noted = Array.from({ length: 40 }, (_, n) => change('a', n))
    const ids = [...numbering(noted).matchAll(/'(id-\d+)'/g)].map(([, id]) => id)
    expect(ids).toEqual(noted.map(({ entityId }) => entityId))
  })
  it('lets nobody end a value and begin a statement', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (entity, shopId) => {
        const text = numbering([
          { shopId, entity: `${entity}'; drop table shops; --`, entityId: 'x' },
        ])
        const outside = text.replace(/ E?'(?:[^'\\]|''|\\\\)*'|'(?:[^']|'')*'/g, '')
        expect(outside).not.toContain('drop')
      }),
    )
  })
  it('of nothing is nothing', () => expect(numbering([])).toBe(''))
})
