import { describe, expect, it } from 'vitest'
import type { Rows } from '../local-store/rows'
import { newestProfiles, templatesFor } from './templates'

const vehicle = (id: string, name: string, model?: string) => ({
  id,
  name,
  ...(model ? { model } : {}),
})
const full = {
  thermostatSide: 'outlet',
  fan: 'electric-relay',
  vessel: 'pressurised-tank',
} as const
let next = 0
const profile = (
  of: string,
  seq?: number,
  said: Rows['profiles']['profile'] = full,
): Rows['profiles'] => ({
  id: `p${next++}`,
  vehicle: of,
  profile: said,
  ...(seq === undefined ? {} : { receivedAt: new Date(seq * 1000).toISOString() }),
})
const known =
  (...profiles: Rows['profiles'][]) =>
  (id: string) =>
    newestProfiles(profiles).get(id)

describe('what another vehicle can start from', () => {
  it('finds the system of the same model under another name, however it was typed', () => {
    const found = templatesFor(
      'harl rescue ',
      [vehicle('a', 'Rescue 4', 'Harl Rescue'), vehicle('b', 'Abbey bus')],
      known(profile('a', 1), profile('b', 2)),
    )
    expect(found.map((t) => t.name)).toEqual(['Harl Rescue', 'Abbey bus'])
  })
  it('offers a model once, with its newest system; one not yet sent is newer than all', () => {
    const newer = { ...full, cylinders: 4 }
    const two = [vehicle('a', 'Rescue 4', 'Harl Rescue'), vehicle('b', 'Rescue 6', 'Harl Rescue')]
    expect(
      templatesFor('Harl Rescue', two, known(profile('a', 9), profile('b', 12, newer))),
    ).toEqual([{ name: 'Harl Rescue', profile: newer }])
    expect(
      templatesFor('Harl Rescue', two, known(profile('a', undefined, newer), profile('b', 12))),
    ).toEqual([{ name: 'Harl Rescue', profile: newer }])
  })
  it('offers neither the vehicle itself nor a system nobody described, and every other one', () => {
    const many = ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => vehicle(id, `Bus ${id}`))
    const found = templatesFor(
      'Bus c',
      many,
      known(
        ...many.map((v, i) => profile(v.id, i, v.id === 'b' ? { fan: 'electric-relay' } : full)),
      ),
      'a',
    )
    expect(found.map((t) => t.name)).toEqual(['Bus c', 'Bus d', 'Bus e', 'Bus f'])
  })
  it('takes the profile written last where two came under one number', () => {
    const [first, second] = [profile('a', 3), profile('a', 3)]
    expect(newestProfiles([second, first]).get('a')).toBe(second)
    expect(newestProfiles([]).get('a')).toBeUndefined()
  })
})
