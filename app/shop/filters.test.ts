import { describe, expect, it } from 'vitest'
import {
  asQuery,
  type BoardFilter,
  EVERYTHING_OPEN,
  type Filterable,
  isNarrowed,
  passes,
} from './filters'

const bus: Filterable = {
  words: ['Pass bus 4', 'Harl 40', 'SR 12', undefined, 'wet floor'],
  complaint: 'coolant-loss',
  bay: 'Bay 2',
  people: new Set(['ilka', 'oren']),
  closed: false,
}
const filter = (said: Partial<BoardFilter>): BoardFilter => ({ ...EVERYTHING_OPEN, ...said })

describe('which cases the board shows', () => {
  it.each<[boolean, Partial<BoardFilter>, Partial<Filterable>]>([
    [true, {}, {}],
    [false, {}, { closed: true }],
    [true, { state: 'closed' }, { closed: true }],
    [false, { state: 'closed' }, {}],
    [true, { state: 'all' }, { closed: true }],
    [true, { text: 'BUS  pass' }, {}],
    [true, { text: 'sr 12' }, {}],
    [true, { text: 'wet harl' }, {}],
    [false, { text: 'bus lorry' }, {}],
    [true, { text: '   ' }, {}],
    [true, { complaint: 'coolant-loss' }, {}],
    [false, { complaint: 'no-heat' }, {}],
    [true, { bay: 'bay 2' }, {}],
    [true, { bay: 'Bay 2' }, { bay: ' BAY 2 ' }],
    [false, { bay: 'Bay 2' }, { bay: undefined }],
    [true, { person: 'oren' }, {}],
    [false, { person: 'mave' }, {}],
    [false, { text: 'bus', person: 'mave' }, {}],
  ])('%s: %o of a case %o', (expected, said, changed) =>
    expect(passes(filter(said), { ...bus, ...changed })).toBe(expected),
  )
  it('are all open ones when nobody narrows them', () => {
    expect(isNarrowed(EVERYTHING_OPEN)).toBe(false)
    expect(isNarrowed(filter({ text: '  ', state: 'all' }))).toBe(false)
    for (const said of [{ text: 'x' }, { bay: 'x' }, { person: 'x' }, { complaint: 'no-heat' }])
      expect(isNarrowed(filter(said as Partial<BoardFilter>))).toBe(true)
  })
})

describe('what the server is asked', () => {
  it('is what is filtered by, and nothing else', () => {
    expect(asQuery(EVERYTHING_OPEN).toString()).toBe('open=yes')
    expect(asQuery(filter({ state: 'all' })).toString()).toBe('')
    const all = filter({ text: ' Bus  4 ', complaint: 'no-heat', bay: 'B', person: 'p' })
    expect(Object.fromEntries(asQuery({ ...all, state: 'closed' }))).toEqual({
      text: 'bus 4',
      complaint: 'no-heat',
      bay: 'B',
      person: 'p',
      open: 'no',
    })
  })
  it('goes on where the page before ended', () => {
    const after = { touchedAt: '2026-11-01T00:00:00.000Z', id: 'c' }
    expect(Object.fromEntries(asQuery(EVERYTHING_OPEN, after))).toEqual({
      open: 'yes',
      touchedBefore: after.touchedAt,
      idBefore: 'c',
    })
  })
})
