import { describe, expect, it } from 'vitest'
import { stagedStories } from '../../data/stories/staged'
import { believe, rankCase } from '../diagnosis/rank-case'
import { makePlan } from './plan'

/** A staged story as far as it has come. */
const stageOf = (name: string, stage: number) =>
  stagedStories().find((story) => story.name === name)!.stages[stage - 1]!.input
const planOf = (input: ReturnType<typeof stageOf>) => {
  const { belief, assessment } = believe(input)
  return makePlan(belief, input, 'certainty', assessment.facts).steps
}

describe('a part that comes out for the repair anyway', () => {
  it.each([
    ['no-heat-open-thermostat', 3, 'thermostat-bath', 20],
    ['overheats-clogged-radiator', 3, 'radiator-flow', 15],
  ])('of %s is tested before the new one goes in, by its minutes on the bench', (...row) => {
    const [name, stage, check, minutes] = row
    const input = stageOf(name, stage)
    const ranked = rankCase(input)
    expect(ranked.settled).toBe(true)
    expect(ranked.whileOut).toEqual([check])
    expect(planOf(input)).toMatchObject([{ check, minutes, waitMinutes: 0, whileOut: true }])
  })
  it('is not asked for again once it was tested, nor before the lead is settled', () => {
    expect(rankCase(stageOf('no-heat-open-thermostat', 4)).whileOut).toEqual([])
    const early = rankCase(stageOf('no-heat-open-thermostat', 2))
    expect(early.settled).toBe(false)
    expect(early.whileOut).toEqual([])
  })
})

describe('where it is likely that nothing is wrong', () => {
  it('the level is marked and looked at after a week before that is said', () => {
    const ranked = rankCase(stageOf('coolant-loss-clear-water', 2))
    expect(ranked.ranking.nothingWrong).toBeGreaterThan(0.6)
    expect(ranked.prove).toEqual(['level-follow-up'])
    expect(ranked.settled).toBe(false)
    expect(planOf(stageOf('coolant-loss-clear-water', 2))[0]!.check).toBe('level-follow-up')
  })
  it('no more once that was done', () =>
    expect(rankCase(stageOf('coolant-loss-clear-water', 3)).prove).toEqual([]))
})
