import { expect, it } from 'vitest'
import { BOOK } from './book'
import { PAST_SIGNS } from './past-signs'

it('signs of the past are signs of the book', () => {
  expect(BOOK.signs.map(({ id }) => id)).toEqual(expect.arrayContaining([...PAST_SIGNS]))
})
