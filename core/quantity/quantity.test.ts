import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseQuantity, unitsThatFit } from './parse'
import { correctedValue, quantityOf } from './record'
import { fromCore, toCore, UNITS, type QuantityKind } from './units'

describe('units', () => {
  it('14.5 psi is about 100 kPa and 212 °F is 100 °C', () => {
    expect(toCore('pressure', 14.5037738, 'psi')).toBeCloseTo(100, 4)
    expect(toCore('temperature', 212, '°F')).toBeCloseTo(100, 10)
  })
  it('a difference of 9 °F is 5 °C, without the 32', () => {
    expect(toCore('temperatureDifference', 9, '°F')).toBeCloseTo(5, 10)
  })
  it('every unit converts there and back', () => {
    for (const kind of Object.keys(UNITS) as QuantityKind[])
      for (const unit of UNITS[kind])
        fc.assert(
          fc.property(fc.double({ min: -1e4, max: 1e4, noNaN: true }), (value) => {
            expect(fromCore(kind, toCore(kind, value, unit.symbol), unit.symbol)).toBeCloseTo(
              value,
              6,
            )
          }),
        )
  })
})

describe('parseQuantity', () => {
  const coreValue = (text: string, kind: QuantityKind, unit: string) => {
    const parsed = parseQuantity(text, kind, unit)
    if (!parsed.ok) throw new Error(parsed.problem.id)
    return parsed.quantity.coreValue
  }
  it('reads a number with its unit, with point or comma, with or without a space', () => {
    expect(coreValue('13.5 psi', 'pressure', 'kPa')).toBeCloseTo(93.079, 3)
    expect(coreValue('13,5psi', 'pressure', 'kPa')).toBeCloseTo(93.079, 3)
    expect(coreValue('95c', 'temperature', '°F')).toBe(95)
    expect(coreValue('92', 'pressure', 'kPa')).toBe(92)
    expect(coreValue('-3', 'temperature', '°C')).toBe(-3)
    expect(coreValue('0.5 l', 'volume', 'qt')).toBe(0.5)
  })
  it.each([
    ['', 'input.empty'],
    ['high', 'input.notANumber'],
    ['12 °C', 'input.wrongUnit'],
    ['12 parsec', 'input.unknownUnit'],
    ['1,200.5', 'input.notANumber'],
    ['NaN', 'input.notANumber'],
    ['1e3', 'input.unknownUnit'],
    ['900 kPa', 'input.outOfRange'],
    ['9'.repeat(60), 'input.tooLong'],
  ])('refuses %j with one reason', (text, id) => {
    const parsed = parseQuantity(text, 'pressure', 'kPa', { min: -100, max: 400 })
    expect(parsed.ok ? 'accepted' : parsed.problem.id).toBe(id)
  })
})

describe('quantity records', () => {
  const schema = quantityOf('pressure', { min: -100, max: 400 })
  it('keep what was typed and take the gauge offset off: a gauge that reads 2 low at 90 stands at 92', () => {
    const record = schema.parse({
      typed: '90',
      value: 90,
      unit: 'kPa',
      coreValue: 90,
      instrumentOffsetInCoreUnit: -2,
    })
    expect(correctedValue(record)).toBe(92)
  })
  it('refuse a core value that does not follow from the value and unit', () => {
    expect(
      schema.safeParse({ typed: '13.5 psi', value: 13.5, unit: 'psi', coreValue: 13.5 }).success,
    ).toBe(false)
  })
})

describe('a number without its unit', () => {
  const RATING = { min: 28, max: 200 }
  it.each([
    ['108', 'kPa'],
    ['15', 'psi'],
    ['13,5', 'psi'],
    ['1.1', 'bar'],
  ])('%s on a cap is %s and nothing else', (typed, unit) =>
    expect(unitsThatFit(typed, 'pressure', RATING)).toEqual([unit]),
  )
  it('210 on a dash that ends at 150 °C is °F', () =>
    expect(unitsThatFit('210', 'temperature', { min: -40, max: 150 })).toEqual(['°F']))
  it('may be of two units, and is told as both', () =>
    expect(unitsThatFit('28.5', 'pressure', RATING)).toEqual(['kPa', 'psi']))
  it('is none where a unit stands behind it, where no unit fits, and where it is no number', () => {
    for (const typed of ['15 psi', '15 °C', '900', '', 'high'])
      expect(unitsThatFit(typed, 'pressure', RATING)).toEqual([])
  })
  it('fits a unit just where it is read in that unit', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 300, noNaN: true }).map((v) => v.toFixed(2)),
        fc.constantFrom(...(Object.keys(UNITS) as QuantityKind[])),
        (typed, kind) => {
          for (const { symbol } of UNITS[kind])
            expect(unitsThatFit(typed, kind, RATING).includes(symbol)).toBe(
              parseQuantity(typed, kind, symbol, RATING).ok,
            )
        },
      ),
    ))
})
