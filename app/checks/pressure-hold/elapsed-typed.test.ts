import { expect, test } from 'vitest'
import { elapsedTyped } from './elapsed-typed'

test('minutes and seconds, or whole minutes, up to what has passed', () => {
  expect(elapsedTyped(' 4:30 ', 300)).toEqual({ seconds: 270 })
  expect(elapsedTyped('5', 300)).toEqual({ seconds: 300 })
  expect(elapsedTyped('0:07', 300)).toEqual({ seconds: 7 })
  expect(elapsedTyped('5:01', 300)).toEqual({ seconds: 301 })
})

test('what is no time, lies before the start or has not come yet is said', () => {
  for (const typed of ['', 'soon', '4:75', '4.5'])
    expect(elapsedTyped(typed, 300)).toEqual({ problem: 'input.badTime' })
  expect(elapsedTyped('-1', 300)).toEqual({ problem: 'input.beforeStart' })
  expect(elapsedTyped('5:02', 300)).toEqual({ problem: 'input.inFuture' })
})
