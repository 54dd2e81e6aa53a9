import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { rankCase } from '../diagnosis/rank-case'
import { readCaseFile } from '../record/read'
import { checkOf } from '../checks/registry'
import { WARM_UP_MINUTES } from '../physics/engine-temperature'
import { worthOf } from './next-check'

const load = (file: string) => readCaseFile(readFileSync(`data/demo/cases/${file}.json`, 'utf8'))

describe('the next check', () => {
  it('is proposed by information per minute, waiting for the engine counted, most first', () => {
    const file = load('01-minibus-radiator-seam')
    const { next } = rankCase({
      ...file,
      records: file.records.filter((r) => r.kind.startsWith('interview')),
    })
    for (const cold of ['cap', 'pressure-hold', 'look-round', 'level-and-condition'])
      expect(next.map((n) => n.check)).toContain(cold)
    // A follow-up takes a week before it tells anything, and comes last.
    expect(next.at(-1)!.check).toBe('level-follow-up')
    // The engine is cold: what needs a hot one waits for that, and two that are worth the same go by the day's order.
    const cold = { untilHot: WARM_UP_MINUTES, untilCold: 0 }
    const worth = next.map((n) => worthOf(checkOf(n.check)!, n.bits, cold))
    expect([...worth].sort((a, b) => b - a)).toEqual(worth)
    for (const hot of next.filter(({ phase }) => phase === 'hot'))
      expect(worth[next.indexOf(hot)]).toBeLessThan(hot.bits / (hot.minutes + WARM_UP_MINUTES))
    for (const n of next) expect(n.bits).toBeGreaterThan(0)
  })
  it('a check that was done is not proposed again; looking on is', () => {
    const checks = rankCase(load('01-minibus-radiator-seam')).next.map((n) => n.check)
    expect(checks).not.toContain('cap')
    expect(checks).not.toContain('pressure-hold')
    expect(checks).toContain('look-round')
  })
  it('after a repair the same checks are worth doing again', () => {
    const file = load('05-minibus-second-leak')
    const repair = file.events.find((e) => e.kind === 'repaired')!
    const before = {
      ...file,
      records: file.records.filter((r) => r.observedAt < repair.observedAt),
    }
    expect(rankCase(before).next.map((n) => n.check)).toContain('pressure-hold')
    expect(rankCase({ ...before, events: [] }).next.map((n) => n.check)).not.toContain(
      'pressure-hold',
    )
  })
})
