import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { rankCase } from '../diagnosis/rank-case'
import { readCaseFile } from '../record/read'

const load = (file: string) => readCaseFile(readFileSync(`data/demo/cases/${file}.json`, 'utf8'))

describe('the next check', () => {
  it('is proposed by information per minute, most first, and never more than is left to know', () => {
    const file = load('01-minibus-radiator-seam')
    const { next } = rankCase({
      ...file,
      records: file.records.filter((r) => r.kind.startsWith('interview')),
    })
    for (const cold of ['cap', 'pressure-hold', 'look-round', 'level-and-condition'])
      expect(next.map((n) => n.check)).toContain(cold)
    // A follow-up takes a week before it tells anything, and comes last.
    expect(next.at(-1)!.check).toBe('level-follow-up')
    const worth = next.slice(0, -1).map((n) => n.bits / n.minutes)
    expect([...worth].sort((a, b) => b - a)).toEqual(worth)
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
