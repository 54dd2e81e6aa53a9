import { describe, expect, it } from 'vitest'
import { ledStories } from '../../data/stories/led/led'
import { ALL_CHECKS } from '../checks/registry'
import { WANTED_LEAD } from '../planning/settled'
import { follow, isShown } from './led.fixture'

const TAKEN_OFF = new Set<string>(
  ALL_CHECKS.filter(({ phase }) => phase === 'bench').map(({ id }) => id),
)

describe('led by the plan alone', () => {
  it('whatever a vehicle has to show can be recorded', () => {
    for (const { caseOf, shows } of ledStories())
      for (const { id } of ALL_CHECKS) expect(() => caseOf(shows(id) ?? [])).not.toThrow()
  })
  it.each(ledStories())('$name', (story) => {
    const steps = follow(story)
    const way = steps.map(({ check }) => check).join(' > ')
    const { lead } = steps.at(-1)!
    expect(lead.fault, way).toBe(story.cause)
    expect(lead.probability, way).toBeGreaterThanOrEqual(WANTED_LEAD)
    expect(isShown(lead), `${way}: ${JSON.stringify(lead.guards)}`).toBe(true)
    const others = steps.flatMap(({ condemned }) => condemned).filter((id) => id !== story.cause)
    expect(others, way).toEqual([])
    // Nothing is asked for twice that has nothing more to tell.
    const often = steps.filter(({ check }, at) => check === steps[at - 1]?.check)
    expect(often, way).toEqual([])
    // Nothing is taken off on a suspicion.
    const apart = steps.findIndex(({ check }) => TAKEN_OFF.has(check))
    if (apart > 0) expect(steps[apart - 1]!.lead.probability, way).toBeGreaterThan(0.5)
    else expect(apart, way).toBe(-1)
  })
})
