import { expect, it } from 'vitest'
import { outcome } from './check.fixture'
import { capCheck } from './cap/check'
import { endoscopeCheck } from './endoscope/check'
import { ALL_CHECKS, checkOf, checkOfKind, isCheckId, outcomesOf } from './registry'

it('a check is found by its id and by every kind of its records', () => {
  for (const check of ALL_CHECKS) {
    expect(checkOf(check.id)).toBe(check)
    expect(isCheckId(check.id)).toBe(true)
    for (const kind of Object.keys(check.records)) expect(checkOfKind(kind)).toBe(check)
  }
})

it('what is no check is none', () => {
  expect(checkOf('oracle')).toBeUndefined()
  expect([isCheckId('oracle'), isCheckId(''), isCheckId(undefined), isCheckId(7)]).toEqual([
    false,
    false,
    false,
    false,
  ])
  expect(checkOfKind('note')).toBeUndefined()
  expect(checkOfKind('oracle.asked')).toBeUndefined()
})

it('of mixed outcomes those of one check are given', () => {
  const look = outcome(endoscopeCheck, 'endoscope.look', {
    cylinder: 1,
    seen: 'dry',
    pressed: true,
  })
  expect(outcomesOf([look], endoscopeCheck)).toEqual([look])
  expect(outcomesOf([look], capCheck)).toEqual([])
})

it('facts and sights of a check come from its own outcomes and entries only', () => {
  const look = outcome(endoscopeCheck, 'endoscope.look', {
    cylinder: 1,
    seen: 'dry',
    pressed: true,
  })
  for (const check of ALL_CHECKS.filter((c) => c.id !== 'endoscope')) {
    expect(check.facts({ outcomes: [look], entries: [], ever: [] })).toEqual([])
    expect(check.sees({ outcomes: [look], entries: [], ever: [] })).toEqual([])
  }
})
