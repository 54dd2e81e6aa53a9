import { describe, expect, it } from 'vitest'
import { nextPoint, readAt, type Walk, walkAfter, wholeRows } from './grid-walk'

const START: Walk = { columns: 3, rows: 2, read: [] }
const walk = (...values: number[]) =>
  values.reduce((so, value) => readAt(so, nextPoint(so), value), START)

describe('a grid that is walked', () => {
  it('goes row by row from the top left, and ends after the last', () => {
    expect(nextPoint(START)).toBe(0)
    expect(nextPoint(walk(80, 81, 82))).toBe(3)
    expect(nextPoint(walk(80, 81, 82, 70, 71, 72))).toBe(6)
  })
  it('goes on after what was typed', () => {
    expect(walkAfter([])).toEqual({ columns: 5, rows: 4, read: [] })
    expect(nextPoint(walkAfter([[80, 81, 82]]))).toBe(3)
    expect(nextPoint(walkAfter([[80, 81, 82], [70]]))).toBe(3)
  })
  it('gives whole rows only, from the top', () => {
    expect(wholeRows(walk(80, 81))).toEqual([])
    expect(wholeRows(walk(80, 81, 82, 70))).toEqual([[80, 81, 82]])
    const full = walk(80, 81, 82, 70, 71, 72)
    expect(wholeRows(full)).toHaveLength(2)
    expect(wholeRows(readAt(full, 1, undefined))).toEqual([])
    expect(nextPoint(readAt(full, 1, undefined))).toBe(1)
  })
})
