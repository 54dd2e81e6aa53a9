import { describe, expect, it } from 'vitest'
import { adaptersOf } from './configured'

const OURS = '0192f000-0000-7000-8000-000000000010'
const THEIRS = '0192f000-0000-7000-8000-000000000020'

describe('adapters of a shop', () => {
  it('are named with their ports, and what is neither is left out', () => {
    expect(adaptersOf(OURS, `${OURS}/Bay 1=35000, ${OURS}/Bay 2 = 35001`)).toEqual([
      { shopId: OURS, name: 'Bay 1', port: 35000 },
      { shopId: OURS, name: 'Bay 2', port: 35001 },
    ])
    expect(adaptersOf(OURS, '')).toEqual([])
    for (const entry of ['Bay 1', '=35000', 'Bay 2=0', 'Bay 3=70000', 'Bay 4=x'])
      expect(adaptersOf(OURS, `${OURS}/${entry}`)).toEqual([])
  })
  it('are no other shop’s', () => {
    const text = `${OURS}/Bay 1=35000, ${THEIRS}/Yard=35001, Bay 3=35002`
    expect(adaptersOf(OURS, text).map(({ name }) => name)).toEqual(['Bay 1'])
    expect(adaptersOf(THEIRS, text).map(({ name }) => name)).toEqual(['Yard'])
  })
})
