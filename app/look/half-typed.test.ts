import { describe, expect, it } from 'vitest'
import { type Field, halfTyped, keysOf, putBack } from './half-typed'

const field = (name: string, value = '', type = 'text'): Field => ({ name, value, type })
const all = () => true

describe('what stands half typed', () => {
  it('is the text of fields that somebody typed in, by their names', () => {
    const fields = [field('Reading', '101.'), field('Plate', 'SR 12'), field('Empty')]
    expect(halfTyped(fields, (nth) => nth === 0)).toEqual({ 'Reading/0': '101.' })
    expect(halfTyped(fields, all)).toEqual({ 'Reading/0': '101.', 'Plate/0': 'SR 12' })
  })
  it('is never a password, a choice, or a field without a name', () => {
    const fields = [
      field('Password', 'secret', 'password'),
      field('File', 'C:/x', 'file'),
      field('Tick', 'on', 'checkbox'),
      field('', 'nameless'),
    ]
    expect(halfTyped(fields, all)).toEqual({})
  })
  it('tells fields of one name apart', () => {
    expect(keysOf([field('A'), field('B'), field('A')])).toEqual(['A/0', 'B/0', 'A/1'])
    expect(halfTyped([field('A', '1'), field('A', '2')], all)).toEqual({ 'A/0': '1', 'A/1': '2' })
  })
})

describe('putting it back', () => {
  const left = { 'Reading/0': '101.', 'A/1': '2' }
  it('fills fields that are empty, each its own', () => {
    const fields = [field('A'), field('Reading'), field('A')]
    expect(putBack(fields, left)).toEqual([
      { nth: 1, key: 'Reading/0', text: '101.' },
      { nth: 2, key: 'A/1', text: '2' },
    ])
  })
  it('leaves alone what something stands in, and what is of another kind', () => {
    expect(putBack([field('Reading', '99')], left)).toEqual([])
    expect(putBack([field('Reading', '', 'password')], left)).toEqual([])
    expect(putBack([field('Other')], left)).toEqual([])
  })
  it('gives back what was taken', () => {
    const fields = [field('A', '1'), field('A', '2'), field('B', 'x', 'textarea')]
    const emptied = fields.map((one) => ({ ...one, value: '' }))
    expect(putBack(emptied, halfTyped(fields, all)).map(({ text }) => text)).toEqual([
      '1',
      '2',
      'x',
    ])
  })
})
