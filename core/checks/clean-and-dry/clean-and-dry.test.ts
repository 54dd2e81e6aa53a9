import { describe, expect, it } from 'vitest'
import { outcome } from '../check.fixture'
import { cleanAndDryCheck } from './check'

describe('clean and dry', () => {
  it('wiped joints are told, and say nothing by themselves', () => {
    const o = outcome(cleanAndDryCheck, 'clean-and-dry.done', { parts: ['pump', 'radiator'] })
    expect([o.facts, o.signs]).toEqual([['wiped:pump', 'wiped:radiator'], []])
  })
})
