import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { believe } from '../diagnosis/rank-case'
import { readCaseFile } from '../record/read'
import { Belief, sourceOf } from './belief'
import { plainPosterior } from './plain-enumeration'
import { rankBelief } from './rank'

const logit = (p: number) => 10 * Math.log10(p / (1 - p))

describe('on the shipped book', () => {
  const { belief, model } = believe(
    readCaseFile(readFileSync('data/demo/cases/01-minibus-radiator-seam.json', 'utf8')),
  )
  it('what is told that each reading moves is what ranking without it gives, to 0.05 dB, the least that is told', () => {
    const { moved } = rankBelief(belief, new Set())
    const sources = [...new Set(belief.readings.map(sourceOf))]
    for (const source of sources.filter((_, i) => i % 3 === 0)) {
      const without = new Belief(
        model,
        belief.readings.filter((r) => sourceOf(r) !== source),
      ).faults
      model.faults.forEach((fault, f) => {
        if (belief.faults[f]! < 0.01) return
        const truth = logit(belief.faults[f]!) - logit(without[f]!)
        const told = moved.find((m) => m.source === source && m.fault === fault.id)?.decibans ?? 0
        expect(Math.abs(told - truth), `${source} ${fault.id}`).toBeLessThan(0.05)
      })
    }
  })
  it('one more reading is ranking anew', () => {
    const last = belief.readings.at(-1)!
    const fewer = new Belief(model, belief.readings.slice(0, -1))
    const more = fewer.withOneMore(last)
    model.faults.forEach((fault, f) =>
      expect(Math.abs(more[f]! - belief.faults[f]!), fault.id).toBeLessThan(1e-12),
    )
  })
  it('agrees with a plain enumeration of every set and condition to 1e-9', () => {
    const few = belief.readings.filter((r) =>
      ['hold-cold', 'level-cold', 'residual-pressure', 'lost-parked'].includes(r.sign),
    )
    const plain = plainPosterior(model, few)
    new Belief(model, few).faults.forEach((p, f) =>
      expect(Math.abs(p - plain[f]!)).toBeLessThan(1e-9),
    )
  }, 60_000)
})
