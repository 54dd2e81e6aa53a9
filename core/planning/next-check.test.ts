import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { rankCase } from '../diagnosis/rank-case'
import { readCaseFile } from '../record/read'
import { checkOf } from '../checks/registry'
import { WARM_UP_MINUTES } from '../physics/engine-temperature'
import type { Entry } from '../checks/context'
import type { CheckId } from '../checks/registry'
import { inputOf } from '../diagnosis/case-of.fixture'
import { believe } from '../diagnosis/rank-case'
import { openSigns, type Planned, plannedOf, worthOf } from './next-check'
import { predictionOf } from './predict'
import { chanceIn } from './shown'

const ENTRY = {
  id: '0196aaaa-0000-7000-8000-000000000901',
  by: '0196aaaa-0000-7000-8000-0000000009ff',
  observedAt: '2026-09-01T08:00:00Z',
}

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

describe('what was only told', () => {
  const system = { complaint: 'coolant-loss', profile: {} } as const
  const entry = (kind: string, data: object) => ({ ...ENTRY, kind, data }) as Entry
  const told = entry('earlier-work.hold', { told: 'crept-down', by: 'another-shop' })
  const ofCode = entry('interview.code', { code: 'P2682', status: 'set' })

  const plannedWith = (
    records: readonly Entry[],
    about: Parameters<typeof inputOf>[1] = system,
  ) => {
    const input = inputOf(records, about)
    return plannedOf(believe(input).belief, input)
  }
  const open = (check: CheckId, planned: Planned) =>
    openSigns(checkOf(check)!, planned).map(({ sign }) => sign.id)

  it('is still to be measured: a hold that another shop told of leaves the hold open', () => {
    const planned = plannedWith([told])
    expect(planned.spoken).toContain('hold-cold')
    expect(open('pressure-hold', planned)).toContain('hold-cold')
  })
  it('a code leaves the device open that it speaks of', () => {
    const planned = plannedWith([ofCode], { complaint: 'overheats', profile: { heatModule: true } })
    expect(planned.spoken).toContain('module-command')
    expect(open('actuators', planned)).toContain('module-command')
  })
  it('is not asked of the keeper again', () => {
    const planned = plannedWith([
      entry('interview.answer', { question: 'wet-under', answer: 'yes' }),
    ])
    expect(open('interview', plannedWith([]))).toContain('wet-under')
    expect(open('interview', planned)).not.toContain('wet-under')
  })
  it('makes what a reading would show likelier, and what it tells less', () => {
    const [before, after] = [plannedWith([]), plannedWith([told])].map(({ belief }) => {
      const prediction = predictionOf(belief)
      const sign = belief.model.signs.get('hold-cold')!
      const shown = prediction.of(sign)
      return {
        tight: chanceIn(
          shown,
          prediction.members.findIndex((set) => set.length === 0),
          0,
        ),
        bits: prediction.bits(prediction.unknownIn(prediction.weights), sign),
      }
    })
    expect(after!.tight).toBeLessThan(before!.tight)
    expect(after!.bits).toBeLessThan(before!.bits)
  })
})
