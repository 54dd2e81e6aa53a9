import { describe, expect, it } from 'vitest'
import { DEFAULT_LIVES, ownLives } from '../audit/lives'
import { changedFigures, livesSet } from './shop-figures'

const short = { belt: { years: 6, kilometres: 90_000 } }

describe('figures of a shop', () => {
  it('are its own only where they are not the book’s', () => {
    expect(ownLives({ ...DEFAULT_LIVES, ...short })).toEqual(short)
    expect(ownLives(DEFAULT_LIVES)).toEqual({})
  })
  it('are set with a reason where they depart from the book, and given back without', () => {
    expect(livesSet.safeParse({ lives: short }).success).toBe(false)
    expect(livesSet.safeParse({ lives: short, because: '  ' }).success).toBe(false)
    expect(livesSet.safeParse({ lives: short, because: 'Salt' }).success).toBe(true)
    expect(livesSet.safeParse({ lives: DEFAULT_LIVES }).success).toBe(true)
  })
  it('are told by what is another than it was, what was left out included', () => {
    const was = { ...short, cap: { years: 4, kilometres: 80_000 } }
    expect(changedFigures(was, { belt: { years: 7, kilometres: 90_000 } })).toEqual(['belt', 'cap'])
    expect(changedFigures(was, was)).toEqual([])
    expect(changedFigures(undefined, short)).toEqual(['belt'])
  })
})
