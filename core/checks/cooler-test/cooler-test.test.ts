import { describe, expect, it } from 'vitest'
import { outcome } from '../check.fixture'
import { coolerTestCheck } from './check'

describe('coolers by themselves', () => {
  it('a cooler that leaks alone is proven, a tight oil cooler is excluded', () => {
    expect(
      outcome(coolerTestCheck, 'cooler-test.test', { which: 'egr-cooler', result: 'leaks' }).facts,
    ).toEqual(['egr-cooler-fails'])
    expect(
      outcome(coolerTestCheck, 'cooler-test.test', { which: 'oil-cooler', result: 'tight' }).facts,
    ).toEqual(['oil-cooler-excluded'])
  })
})
