import { describe, expect, it } from 'vitest'
import { sentence } from '../../../words/catalogue'
import { REPORTED_COMPLAINTS } from '../../vehicle/complaint'
import { patternOf } from './pattern'
import { QUESTIONS } from './questions'

const of = (
  complaint: 'overheats' | 'coolant-loss' | 'no-heat',
  answers: Record<string, 'yes' | 'no' | 'not-known'>,
) => patternOf(complaint, new Map(Object.entries(answers)))

describe('the pattern that forms', () => {
  it('hot at idle and not under load is the air side', () => {
    expect(of('overheats', { 'hot-at-idle': 'yes', 'hot-at-load': 'no' })?.message.id).toBe(
      'pattern.airSideAtIdle',
    )
    expect(of('overheats', { 'hot-at-idle': 'no', 'hot-at-load': 'yes' })?.message.id).toBe(
      'pattern.flowUnderLoad',
    )
  })
  it('says what is still open of it', () => {
    expect(of('overheats', { 'hot-at-idle': 'yes' })?.open).toContain('hot-at-load')
  })
  it('an answer against a pattern ends it; "not known" neither makes nor ends one', () => {
    expect(of('coolant-loss', { 'wet-under': 'yes', 'lost-parked': 'no' })?.message.id).toBe(
      'pattern.outsideDriven',
    )
    expect(of('coolant-loss', { 'wet-under': 'not-known' })).toBeUndefined()
    expect(of('no-heat', { 'never-warms': 'no' })).toBeUndefined()
  })
  it('names only questions that are asked, and every pattern has words', () => {
    const asked = new Set(QUESTIONS.map((q) => q.id))
    for (const complaint of REPORTED_COMPLAINTS)
      for (const q of QUESTIONS)
        for (const answer of ['yes', 'no'] as const) {
          const pattern = of(complaint, { [q.id]: answer })
          if (!pattern) continue
          expect(sentence(pattern.message)).toMatch(/\.$/)
          for (const open of pattern.open) expect(asked.has(open), open).toBe(true)
        }
  })
})
