import { describe, expect, it } from 'vitest'
import { stagedStories } from '../../data/stories/staged'
import { ALL_CHECKS } from '../checks/registry'
import { BOOK } from '../knowledge/book'
import { judge, shareOf } from './staged.fixture'

const stories = stagedStories()

describe('the staged stories', () => {
  it('name causes that the book has and checks that there are, and end with what was laid bare', () => {
    const faults = new Set(BOOK.faults.map(({ id }) => id))
    const checks = new Set<string>(ALL_CHECKS.map(({ id }) => id))
    expect(stories.length).toBe(60)
    expect(new Set(stories.map(({ name }) => name)).size).toBe(60)
    for (const { name, causes, stages } of stories) {
      for (const cause of causes) expect(faults.has(cause), `${name} ${cause}`).toBe(true)
      expect(stages.at(-1)!.shown, name).toEqual(causes)
      for (const { next, shown } of stages) {
        for (const check of next) expect(checks.has(check), `${name} ${check}`).toBe(true)
        for (const cause of shown) expect(causes, name).toContain(cause)
      }
    }
  })
  it('are judged no worse than docs/vignettes.md says', () => {
    const judged = judge(stories)
    expect(shareOf(judged.leads)).toBeGreaterThanOrEqual(0.98)
    expect(shareOf(judged.amongFirst)).toBeGreaterThanOrEqual(1)
    expect(shareOf(judged.shown)).toBeGreaterThanOrEqual(0.9)
    expect(shareOf(judged.planned)).toBeGreaterThanOrEqual(0.9)
    expect(judged.calibrationError).toBeLessThanOrEqual(0.15)
  })
})
