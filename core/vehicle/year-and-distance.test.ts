import { expect, it } from 'vitest'
import { profileWithAge, yearAndDistance } from './year-and-distance'

const taken = { year: 2011, kilometres: 90_000 }

it('a vehicle is as old and has gone as far as its profile says, or as it was taken in', () => {
  expect(yearAndDistance({ ...taken, profile: {} })).toEqual(taken)
  expect(yearAndDistance({ ...taken, profile: { kilometres: 182_000 } })).toEqual({
    year: 2011,
    kilometres: 182_000,
  })
  expect(yearAndDistance({ ...taken, profile: { yearBuilt: 2012 } }).year).toBe(2012)
})

it('what is not known takes nothing back', () => {
  const profile = { yearBuilt: 'not-known', kilometres: 'not-known' } as const
  expect(yearAndDistance({ ...taken, profile })).toEqual(taken)
  expect(yearAndDistance({ profile })).toEqual({ year: undefined, kilometres: undefined })
})

it('what is said anew is kept, and nothing else is written into the profile', () => {
  const vehicle = { ...taken, profile: { cylinders: 4 } }
  expect(profileWithAge(vehicle, taken)).toEqual({ cylinders: 4 })
  expect(profileWithAge(vehicle, { year: 2011, kilometres: 95_000 })).toEqual({
    cylinders: 4,
    kilometres: 95_000,
  })
  const said = { year: 2012, kilometres: 95_000 }
  expect(yearAndDistance({ ...taken, profile: profileWithAge(vehicle, said) })).toEqual(said)
})
