import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fromCore, type QuantityKind, UNITS } from '#core'
import { entryOf, inUnit, readEntry, textIn, unitAfter } from './quantity-entry'

const kinds = Object.keys(UNITS) as QuantityKind[]
/** Half of the last digit that a unit is shown with, in the core unit. */
const halfDigit = (kind: QuantityKind, symbol: string) => {
  const unit = UNITS[kind].find((u) => u.symbol === symbol)!
  return 0.5 * 10 ** -unit.decimals * unit.factor
}

describe('a figure in a field never changes its unit silently', () => {
  it('15 psi stays 15 psi: 103.4 kPa after a tap, and never 103 psi', () => {
    const typed = { text: '103.4', unit: 'kPa' }
    expect(inUnit(typed, 'pressure', 'psi')).toEqual({ text: '15.00', unit: 'psi' })
    expect(inUnit(typed, 'pressure', 'kPa')).toEqual({ text: '103.4', unit: 'kPa' })
  })
  it('in every quantity and between all of its units, what is meant stays the same to the last digit shown', () => {
    for (const kind of kinds)
      for (const from of UNITS[kind])
        for (const to of UNITS[kind])
          fc.assert(
            fc.property(fc.double({ min: -400, max: 400, noNaN: true }), (coreValue) => {
              const typed = { text: textIn(kind, coreValue, from.symbol), unit: from.symbol }
              const before = readEntry(typed, kind)
              const after = readEntry(inUnit(typed, kind, to.symbol), kind)
              if (!before?.ok || !after?.ok) return false
              expect(after.quantity.unit).toBe(to.symbol)
              return (
                Math.abs(after.quantity.coreValue - before.quantity.coreValue) <=
                halfDigit(kind, to.symbol) + 1e-9 * Math.abs(coreValue) + 1e-9
              )
            }),
            { numRuns: 25 },
          )
  })
  it('through all units and back it is what was typed', () => {
    for (const kind of kinds)
      for (const unit of UNITS[kind]) {
        const typed = { text: '12.3', unit: unit.symbol }
        expect(inUnit(typed, kind, unit.symbol)).toEqual(typed)
      }
  })
  it('a unit typed with the number counts as typed', () =>
    expect(inUnit({ text: '13.5 psi', unit: 'kPa' }, 'pressure', 'bar').text).toBe('0.931'))
  it('what is no quantity keeps its text, for there is nothing to convert', () =>
    expect(inUnit({ text: 'high', unit: 'kPa' }, 'pressure', 'psi')).toEqual({
      text: 'high',
      unit: 'psi',
    }))
  it('a record is shown in the unit it was typed in', () => {
    const record = { typed: '15', value: 15, unit: 'psi', coreValue: 103.421355 }
    expect(entryOf(record, 'pressure')).toEqual({ text: '15', unit: 'psi' })
    expect(entryOf({ ...record, typed: '15 psi' }, 'pressure')).toEqual({
      text: '15.00',
      unit: 'psi',
    })
    expect(fromCore('pressure', record.coreValue, 'psi')).toBeCloseTo(15, 6)
  })
  it('the units of a kind follow one another, the first after the last', () => {
    const three = ['kPa', 'psi', 'bar']
    expect(three.map((unit) => unitAfter('pressure', unit))).toEqual(['psi', 'bar', 'kPa'])
  })
})
