import { describe, expect, it } from 'vitest'
import { toldOf } from './log'

describe('what a line of the log says of an error', () => {
  it('is what the database calls it, and where, and no value of a query or a row', () => {
    const cause = Object.assign(new Error('duplicate key value violates unique constraint'), {
      name: 'error',
      code: '23505',
      detail: 'Key (sign_in)=(ilka) already exists.',
    })
    const error = new Error('Failed query: insert into people params: Ilka Brandt', { cause })
    const told = toldOf(error)
    expect(told).toMatchObject({ code: '23505', problem: cause.message })
    expect(told.at.length).toBeGreaterThan(0)
    expect(JSON.stringify(told)).not.toMatch(/ilka/i)
  })
  it('is its own name and words where nothing lies under it', () => {
    expect(toldOf(new RangeError('no step from version 7'))).toMatchObject({
      name: 'RangeError',
      problem: 'no step from version 7',
    })
  })
  it('survives what is no error at all', () => {
    expect(toldOf('thrown')).toEqual({ at: [] })
  })
})
