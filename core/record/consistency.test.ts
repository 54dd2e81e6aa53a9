import { describe, expect, it } from 'vitest'
import { instrumentsUsed, misfitOf, quantitiesOf, runOf } from './consistency'

const kPa = (value: number, instrument?: string) => ({
  typed: String(value),
  value,
  unit: 'kPa',
  coreValue: value,
  ...(instrument ? { instrument } : {}),
})
const kinds = new Map([
  ['start', 'pressure-hold.start'],
  ['look', 'cap.tested'],
  ['taken-back', 'withdrawn'],
])
const known = {
  kindOf: (id: string) => kinds.get(id),
  hasInstrument: (id: string) => id === 'gauge',
}
const entry = (said: object) => ({ id: 'new', kind: 'cap.tested', data: {}, ...said })

describe('what an entry of a case must fit to', () => {
  it.each([
    ['stands alone', {}],
    ['corrects one of its kind', { supersedes: 'look' }],
    ['takes back one of any kind', { kind: 'withdrawn', supersedes: 'start' }],
    ['takes back a withdrawal', { kind: 'withdrawn', supersedes: 'taken-back' }],
    ['belongs to the start of its check', { kind: 'pressure-hold.end', data: { run: 'start' } }],
    ['was read on an instrument that is known', { data: { opensAt: kPa(103, 'gauge') } }],
    ['was read on none', { data: { opensAt: kPa(103) } }],
  ])('fits: one that %s', (_, said) => expect(misfitOf(entry(said), known)).toBeUndefined())

  it.each([
    ['withdrawsNothing', 'supersedes', { kind: 'withdrawn' }],
    ['replacesItself', 'supersedes', { supersedes: 'new' }],
    ['replacesUnknown', 'supersedes', { supersedes: 'elsewhere' }],
    ['replacesUnknown', 'supersedes', { kind: 'withdrawn', supersedes: 'elsewhere' }],
    ['replacesAnotherKind', 'supersedes', { supersedes: 'start' }],
    ['noSuchRun', 'data.run', { kind: 'pressure-hold.reading', data: { run: 'elsewhere' } }],
    ['noSuchRun', 'data.run', { kind: 'cranking-rise.end', data: { run: 'start' } }],
    ['unknownInstrument', 'data.opensAt.instrument', { data: { opensAt: kPa(103, 'lost') } }],
    ['unknownInstrument', 'data.a.1.b.instrument', { data: { a: [{}, { b: kPa(1, 'lost') }] } }],
  ] as const)('says %s at %s', (misfit, field, said) =>
    expect(misfitOf(entry(said), known)).toMatchObject({ misfit, field }),
  )

  it('names the first that is wrong, and what it spoke of', () => {
    const both = entry({ supersedes: 'elsewhere', data: { opensAt: kPa(1, 'lost') } })
    expect(misfitOf(both, known)).toEqual({
      field: 'supersedes',
      misfit: 'replacesUnknown',
      id: 'elsewhere',
    })
  })
})

describe('what an entry speaks of', () => {
  it('finds quantities at any depth, with their paths', () => {
    const data = { opensAt: kPa(90), steps: [{ at: kPa(50) }, { at: kPa(60) }], words: 'typed' }
    expect(quantitiesOf(data).map(({ path, quantity }) => [path, quantity.value])).toEqual([
      ['opensAt', 90],
      ['steps.0.at', 50],
      ['steps.1.at', 60],
    ])
    expect(quantitiesOf(null)).toEqual([])
    expect(quantitiesOf('90')).toEqual([])
  })
  it('finds the instruments and the run', () => {
    const data = { run: 'start', pressure: kPa(90, 'gauge'), other: kPa(1) }
    expect(instrumentsUsed({ data })).toEqual([{ field: 'data.pressure.instrument', id: 'gauge' }])
    expect(runOf({ data })).toBe('start')
    expect(runOf({ data: {} })).toBeUndefined()
  })
})
