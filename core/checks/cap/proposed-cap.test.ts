import { expect, it } from 'vitest'
import { kPa } from '../check.fixture'
import type { Entry } from '../context'
import { proposedCap, testedCap } from './proposed-cap'

const entry = (kind: string, data: object): Entry => ({
  id: 'r',
  kind,
  observedAt: '2026-09-01T08:00:00Z',
  data,
})
const cap = (place: string, marking: unknown) => entry('cap.test', { place, marking })
const rated = (place: 'tank' | 'radiator-neck', ratingKPa: number | 'not-known') => ({
  caps: [{ place, ratingKPa }],
})

it('the cap last tested is the one that counts, whatever else was recorded since', () => {
  const entries = [cap('tank', 'unmarked'), cap('radiator-neck', kPa(90)), entry('mix.test', {})]
  expect(testedCap(entries)?.place).toBe('radiator-neck')
  expect(testedCap([entry('mix.test', {})])).toBeUndefined()
  expect(testedCap([])).toBeUndefined()
  // One that only closes says nothing of pressure.
  expect(testedCap([cap('tank', kPa(90)), cap('radiator-neck', 'sealed')])?.place).toBe('tank')
  expect(testedCap([cap('radiator-neck', 'sealed')])).toBeUndefined()
})

it('a tested cap is proposed with what is marked on it, before anything the profile says', () => {
  expect(proposedCap([cap('tank', kPa(90))], rated('radiator-neck', 103))).toEqual({
    place: 'tank',
    marking: { coreValue: 90 },
  })
  expect(proposedCap([cap('tank', 'unmarked')], rated('radiator-neck', 103))).toEqual({
    place: 'tank',
    marking: 'unmarked',
  })
})

it('else the first of the profile, where its rating is known', () => {
  expect(proposedCap([], rated('tank', 103))).toEqual({
    place: 'tank',
    marking: { coreValue: 103 },
  })
  expect(proposedCap([], rated('tank', 'not-known'))).toBeUndefined()
  expect(proposedCap([], { caps: [] })).toBeUndefined()
  expect(proposedCap([], {})).toBeUndefined()
})
