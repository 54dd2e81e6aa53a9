import { describe, expect, it } from 'vitest'

import { rank } from './rank'
import { model, p, reading } from './shipped-book.fixture'
import type { Timeline } from './timeline'

describe('judgement', () => {
  const falls = reading('hold-cold', { tight: 0.02, seep: 0.9, leak: 0.15, gross: 0.01 })
  const tight = reading('hold-cold', { tight: 0.9, seep: 0.05, leak: 0.001, gross: 0.0001 })
  it('a hold that falls raises outside leaks, a tight one lowers them and leaves the cap, which was off', () => {
    expect(p([falls], 'radiator-seam-leak')).toBeGreaterThan(p([], 'radiator-seam-leak'))
    expect(p([tight], 'radiator-seam-leak')).toBeLessThan(p([], 'radiator-seam-leak'))
    expect(p([tight], 'cap-weak')).toBeGreaterThan(p([], 'cap-weak'))
  })
  it('three alike holds count about as one', () => {
    const one = p([tight], 'radiator-seam-leak')
    const three = p(
      [tight, { ...tight, source: 'b' }, { ...tight, source: 'c' }],
      'radiator-seam-leak',
    )
    const independent = p(
      [tight, { ...tight, conditions: 'x' }, { ...tight, conditions: 'y' }],
      'radiator-seam-leak',
    )
    expect(Math.abs(three - one)).toBeLessThan(0.35 * one)
    expect(three).toBeGreaterThanOrEqual(independent)
  })
  it('three alike that were invalid move next to nothing, as one does', () => {
    const invalid = { ...tight, validity: 0.1 }
    const none = p([], 'radiator-seam-leak')
    const three = p(
      [invalid, { ...invalid, source: 'b' }, { ...invalid, source: 'c' }],
      'radiator-seam-leak',
    )
    expect(Math.abs(p([invalid], 'radiator-seam-leak') - none)).toBeLessThan(0.12 * none)
    expect(Math.abs(three - none)).toBeLessThan(0.3 * none)
  })
  it('one that was taken badly takes nothing away from better ones', () => {
    const changed = reading('gas-in-coolant', { no: 0.01, yes: 0.7 }, { validity: 0.96 })
    const bad = reading('gas-in-coolant', { no: 0.92, yes: 0.3 }, { validity: 0.08, source: 'b' })
    const good = p([changed], 'gasket-gas-to-coolant')
    expect(p([bad, changed], 'gasket-gas-to-coolant')).toBeGreaterThan(0.8 * good)
    expect(p([bad, changed, changed], 'gasket-gas-to-coolant')).toBeGreaterThan(0.9 * good)
  })
  it('identical tests never move a fault beyond what knowing the state would', () => {
    const known = p(
      [reading('hold-cold', { tight: 1, seep: 0, leak: 0, gross: 0 }, { validity: 1 })],
      'lower-hose-leak',
    )
    const many = Array.from({ length: 30 }, (_, i) => ({ ...tight, source: `r${i}` }))
    expect(p(many, 'lower-hose-leak')).toBeGreaterThanOrEqual(known - 1e-12)
  })
  it('with one binary sign, a clearer reading never lowers its own fault', () => {
    let last = 0
    for (let seen = 0.5; seen < 1; seen += 0.05) {
      const now = p([reading('carpet-wet', { no: 1 - seen, yes: seen })], 'heater-core-leak')
      expect(now).toBeGreaterThanOrEqual(last)
      last = now
    }
  })
  it('seen issuing at the lower hose leads, and a wet pump above it does not stay the lead', () => {
    const seen = [
      falls,
      reading('wet:pump', { dry: 0.05, stained: 0.1, wet: 0.8 }),
      reading('wet:thermostat', { dry: 0.05, stained: 0.1, wet: 0.8 }),
      reading('issuing:thermostat', { no: 0.004, yes: 0.8 }),
      reading('issuing:pump', { no: 0.75, yes: 0.15 }),
    ]
    const ranking = rank(model, seen, new Set())
    expect(ranking.suspects[0]!.fault).toBe('thermostat-housing-leak')
    expect(ranking.suspects.find((s) => s.fault === 'pump-seal-leak')!.probability).toBeLessThan(
      0.3,
    )
  })
  it('guards are told and never change a probability', () => {
    const without = rank(model, [falls], new Set())
    const withFacts = rank(
      model,
      [falls],
      new Set(['seen-issuing:lower-hose', 'cap-good', 'tray-dry']),
    )
    const probabilities = (r: typeof without) => r.suspects.map((s) => [s.fault, s.probability])
    expect(probabilities(without)).toEqual(probabilities(withFacts))
    const guard = (r: typeof without) =>
      r.suspects.find((s) => s.fault === 'lower-hose-leak')!.guards[0]!.met
    expect([guard(without), guard(withFacts)]).toEqual([false, true])
  })
  it('a weak cap masks what would make the hoses hard', () => {
    const hard = reading('hoses-hard-early', { no: 0.05, yes: 0.7 })
    expect(p([hard], 'cap-weak')).toBeLessThan(p([], 'cap-weak'))
    expect(p([hard], 'gasket-gas-to-coolant')).toBeGreaterThan(0.2)
  })
  it('after a repair the earlier fall is the old fault’s, and a tight hold clears the others', () => {
    const hose = model.faults.findIndex((f) => f.id === 'lower-hose-leak')
    const repairs: Timeline = [{ repaired: [hose], brought: [{ fault: hose, chance: 0.04 }] }]
    const issuing = reading('issuing:lower-hose', { no: 0.004, yes: 0.8 })
    const after = rank(
      model,
      [falls, issuing, { ...tight, epoch: 1, source: 'after' }],
      new Set(),
      repairs,
    )
    const mixed = rank(model, [falls, issuing, { ...tight, source: 'after' }], new Set())
    expect(after.suspects.find((s) => s.fault === 'lower-hose-leak')!.probability).toBeLessThan(
      0.02,
    )
    expect(after.nothingWrong).toBeGreaterThan(0.5)
    expect(mixed.nothingWrong).toBeLessThan(0.1)
  })
  it('says which reading moved what, and which sign nobody explains', () => {
    const ranking = rank(
      model,
      [falls, reading('carpet-wet', { no: 0.05, yes: 0.75 }, { source: 'carpet' })],
      new Set(),
    )
    const moved = ranking.moved.find(
      (m) => m.source === 'carpet' && m.fault === 'heater-core-leak',
    )!
    expect(moved.decibans).toBeGreaterThan(5)
    const odd = rank(model, [reading('never-warms', { no: 0.001, yes: 0.9 })], new Set())
    expect(odd.unexplained.map((u) => u.sign)).toContain('never-warms')
  })
  it('calls trapped air beside a leak a consequence', () => {
    const ranking = rank(
      model,
      [
        falls,
        reading('issuing:radiator', { no: 0.003, yes: 0.8 }),
        reading('heater-cold', { no: 0.02, yes: 0.9 }),
      ],
      new Set(),
    )
    expect(ranking.suspects.find((s) => s.fault === 'radiator-core-leak')!.role).toBe('root')
    expect(['root', 'consequence']).toContain(
      ranking.suspects.find((s) => s.fault === 'trapped-air')!.role,
    )
  })
})
