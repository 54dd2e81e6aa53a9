import { describe, expect, it } from 'vitest'
import { findIn, type Found } from './palette'

const found = (group: Found['group'], text: string, detail = ''): Found => ({
  group,
  id: text,
  text,
  detail,
  to: '/',
})
const ALL = [
  found('fault', 'Cap: weak or leaking', 'The cap opens early.'),
  found('check', 'Wipe round the cap'),
  found('check', 'Cap on adapter'),
  found('case', 'Tarrow 24 minibus', 'KVD 207 loses coolant'),
  found('place', 'Settings'),
]
const texts = (typed: string) => findIn(ALL, typed).map(({ text }) => text)

describe('the palette', () => {
  it('finds by all the words, in the order of the groups, what begins so first', () => {
    expect(texts('cap')).toEqual(['Cap on adapter', 'Wipe round the cap', 'Cap: weak or leaking'])
    expect(texts('207 tarrow')).toEqual(['Tarrow 24 minibus'])
    expect(texts('nothing such')).toEqual([])
  })
  it('before anything is typed it holds the checks and the places', () => {
    expect(texts(' ')).toEqual(['Wipe round the cap', 'Cap on adapter', 'Settings'])
  })
  it('shows no more than a few of a group', () => {
    const many = Array.from({ length: 40 }, (_, i) => found('fault', `Hose ${i}`))
    expect(findIn([...many, found('place', 'Hoses')], 'hose')).toHaveLength(7)
  })
})
