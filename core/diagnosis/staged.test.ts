import { describe, expect, it } from 'vitest'
import { stagedStories } from '../../data/stories/staged'
import { ALL_CHECKS } from '../checks/registry'
import { BOOK } from '../knowledge/book'
import { judge, shareOf } from './staged.fixture'

const FIRST = stagedStories('staged')
const LATER = stagedStories('staged-later')

describe.each([
  { by: 'the first hand', stories: FIRST, count: 60 },
  { by: 'another hand', stories: LATER, count: 28 },
])('the staged stories of $by', ({ stories, count }) => {
  it('name causes that the book has and checks that there are, and what was laid bare is of them', () => {
    const faults = new Set(BOOK.faults.map(({ id }) => id))
    const checks = new Set<string>(ALL_CHECKS.map(({ id }) => id))
    expect(stories.length).toBe(count)
    expect(new Set(stories.map(({ name }) => name)).size).toBe(count)
    for (const { name, causes, stages } of stories) {
      for (const cause of causes) expect(faults.has(cause), `${name} ${cause}`).toBe(true)
      for (const { next, shown } of stages) {
        for (const check of next) expect(checks.has(check), `${name} ${check}`).toBe(true)
        for (const cause of shown) expect(causes, name).toContain(cause)
      }
    }
  })
})

describe('the staged stories are judged no worse than docs/vignettes.md says:', () => {
  it('those of the first hand, each of which ends with its causes laid bare', () => {
    for (const { name, causes, stages } of FIRST) expect(stages.at(-1)!.shown, name).toEqual(causes)
    const judged = judge(FIRST)
    expect(shareOf(judged.leads)).toBeGreaterThanOrEqual(0.98)
    expect(shareOf(judged.amongFirst)).toBeGreaterThanOrEqual(1)
    expect(shareOf(judged.shown)).toBeGreaterThanOrEqual(0.9)
    expect(shareOf(judged.planned)).toBeGreaterThanOrEqual(0.9)
    expect(judged.calibrationError).toBeLessThanOrEqual(0.15)
  })
  it('those of another hand', () => {
    const judged = judge(LATER)
    expect(shareOf(judged.leads)).toBeGreaterThanOrEqual(0.96)
    expect(shareOf(judged.amongFirst)).toBeGreaterThanOrEqual(1)
    expect(shareOf(judged.shown)).toBeGreaterThanOrEqual(0.96)
    expect(shareOf(judged.planned)).toBeGreaterThanOrEqual(0.88)
    expect(judged.calibrationError).toBeLessThanOrEqual(0.13)
  })
})
