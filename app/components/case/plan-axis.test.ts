import { describe, expect, it } from 'vitest'
import { axisOf, LONGEST_WAIT_DRAWN_MINUTES } from './plan-axis'

const step = (minutes: number, waitMinutes = 0, phase: 'cold' | 'hot' = 'cold') => ({
  check: 'cap' as const,
  phase,
  minutes,
  waitMinutes,
  bits: 0.1,
  expectedLead: 0.5,
})

describe('the ways of several schools on one axis', () => {
  it('are drawn to one scale: the longest takes all of it', () => {
    const [short, long] = axisOf([
      { policy: 'certainty', steps: [step(10), step(20)] },
      { policy: 'press-first', steps: [step(20), step(40)] },
    ])
    expect(short!.blocks.map(({ from, width }) => [from, width])).toEqual([
      [0, 10 / 60],
      [10 / 60, 20 / 60],
    ])
    expect(long!.blocks.at(-1)!.from + long!.blocks.at(-1)!.width).toBeCloseTo(1, 12)
  })
  it('have a wait before the step it is for, cut where it is long, and told in full', () => {
    const week = 7 * 24 * 60
    const [way] = axisOf([{ policy: 'certainty', steps: [step(5), step(5, week, 'hot')] }])
    expect(way!.blocks.map(({ kind, number, minutes }) => [kind, number, minutes])).toEqual([
      ['cold', 1, 5],
      ['wait', 2, week],
      ['hot', 2, 5],
    ])
    expect(way!.blocks[1]!.width).toBeCloseTo(LONGEST_WAIT_DRAWN_MINUTES / 40, 12)
  })
  it('lie one after the other without gaps', () => {
    const [way] = axisOf([{ policy: 'certainty', steps: [step(3, 12), step(7), step(2, 1)] }])
    way!.blocks.slice(1).forEach(({ from }, i) => {
      const before = way!.blocks[i]!
      expect(from).toBeCloseTo(before.from + before.width, 12)
    })
  })
  it('are empty where nothing is left to do', () => {
    expect(axisOf([{ policy: 'certainty', steps: [] }])).toEqual([
      { policy: 'certainty', blocks: [] },
    ])
  })
})
