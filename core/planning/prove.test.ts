import { describe, expect, it } from 'vitest'
import { stagedStories } from '../../data/stories/staged'
import { rankCase } from '../diagnosis/rank-case'
import { checkOf } from '../checks/registry'
import { checkHere } from './checks-here'
import { minutesOf } from './next-check'

const stageOf = (folder: 'staged' | 'staged-later', name: string, stage: number) =>
  rankCase(stagedStories(folder).find((story) => story.name === name)!.stages[stage - 1]!.input)
const comesOff = (check: string) => checkOf(check)!.phase === 'bench'

describe('before a part comes off for the sake of a lead', () => {
  it('what is asked before it is condemned is shown on the vehicle', () => {
    const impeller = stageOf('staged', 'no-heat-worn-impeller', 3)
    const [lead] = impeller.ranking.suspects
    expect(lead!.guards.filter(({ met }) => !met).map(({ id }) => id)).toEqual([
      'thermostat-shown-open',
    ])
    const [first, last] = impeller.prove
    expect(checkOf(first!)!.shows).toContain('thermostat-opened')
    expect([comesOff(first!), last]).toEqual([false, 'pump-off'])
  })
  it('the shortest of it first, and what takes it off last', () => {
    const { prove } = stageOf('staged-later', 'overheats-cold-hoses-hot-block', 1)
    expect(prove.map(comesOff)).toEqual([false, false, false, true])
    const minutes = prove.slice(0, -1).map((check) => minutesOf(checkHere(check, undefined)!))
    expect(minutes).toEqual(minutes.toSorted((a, b) => a - b))
  })
  it('nothing is put before it where all that is asked was shown', () => {
    expect(stageOf('staged', 'overheats-late-thermostat', 2).prove).toEqual(['thermostat-bath'])
  })
})

describe('what one taking apart lays bare', () => {
  it('is reason enough together: the head comes off though it may be gasket or crack', () => {
    const { ranking, prove } = stageOf('staged', 'coolant-loss-head-crack-back-again', 2)
    const [lead, second] = ranking.suspects
    expect([lead!.fault, second!.fault]).toEqual(['head-cracked', 'gasket-gas-to-coolant'])
    expect(lead!.probability).toBeLessThan(0.6)
    expect(prove).toContain('teardown')
  })
  it('is none while it may as well be a hose', () => {
    const { ranking, prove } = stageOf('staged', 'coolant-loss-head-crack-back-again', 1)
    expect(ranking.suspects[0]!.fault).toBe('head-cracked')
    expect(prove).not.toContain('teardown')
  })
})

describe('oil in the coolant', () => {
  it('is the gasket’s without a cooler to be excluded, where none is fitted', () => {
    const [lead] = stageOf('staged-later', 'coolant-loss-grey-on-the-dipstick', 3).ranking.suspects
    expect(lead!.fault).toBe('gasket-to-oil')
    expect(lead!.guards.map(({ id, met }) => `${id} ${met}`)).toEqual([
      'oil-and-coolant-mixed true',
    ])
  })
})
