import { describe, expect, it } from 'vitest'
import { outcome } from '../check.fixture'
import { refillCheck } from './check'
import { PROOFS_OF } from './proof'

describe('refill', () => {
  it('a refill that shows the air out meets the bled guard; flushing with water first thins the mix', () => {
    const fill = (more: object) =>
      outcome(refillCheck, 'refill.fill', {
        method: 'gravity-with-bleeders',
        airOut: 'shown',
        complaintAfter: 'gone',
        ...more,
      } as never)
    expect(fill({}).facts).toEqual(['bled', 'level-full-air-out', 'complaint-gone'])
    const thin = fill({
      amount: { typed: '5', value: 5, unit: 'L', coreValue: 5 },
      premixFraction: 0.5,
      flushPasses: 3,
    })
    expect(thin.notes.map(({ id }) => id)).toContain('refill.thin')
    expect(thin.figures).toMatchObject({ fractionAfter: 0.25, residualShare: 0.125 })
  })

  it('what stayed is the old coolant, as far as it was not flushed out', () => {
    const after = (flushPasses: number | undefined, old: number | undefined) =>
      (
        outcome(
          refillCheck,
          'refill.fill',
          {
            method: 'vacuum',
            airOut: 'shown',
            complaintAfter: 'not-known',
            amount: { typed: '5', value: 5, unit: 'L', coreValue: 5 },
            premixFraction: 0.5,
            flushPasses,
          } as never,
          { profile: old === undefined ? {} : { glycolVolumeFraction: old } },
        ).figures as { fractionAfter?: number }
      ).fractionAfter
    expect(after(undefined, 0.4)).toBeCloseTo(0.45, 9)
    expect(after(1, 0.4)).toBeCloseTo(0.35, 9)
    expect(after(undefined, undefined)).toBeUndefined()
  })

  const of = (litres: number, more: object, capacityLitres: number | undefined = 10) =>
    outcome(
      refillCheck,
      'refill.fill',
      {
        method: 'vacuum',
        airOut: 'not-shown',
        complaintAfter: 'not-known',
        amount: { typed: `${litres}`, value: litres, unit: 'L', coreValue: litres },
        ...more,
      } as never,
      { capacityLitres },
    )

  it('shares are of what the system holds, and no more goes in than it holds', () => {
    expect(of(4, {}).figures).toEqual({ drainedShare: 0.4 })
    expect(of(14, {}).figures).toEqual({ drainedShare: 1 })
    expect(of(4, { flushPasses: 2 }).figures).toMatchObject({ residualShare: 0.36 })
    expect(of(4, { flushPasses: 0, premixFraction: 0.5 }).figures).toEqual({
      drainedShare: 0.4,
      residualShare: 1,
    })
  })
  it('nothing is reckoned where the amount or the capacity is not known', () => {
    expect(of(4, { amount: undefined }).figures).toEqual({})
    const unknown = outcome(
      refillCheck,
      'refill.fill',
      {
        method: 'vacuum',
        airOut: 'not-shown',
        complaintAfter: 'not-known',
        amount: { typed: '4', value: 4, unit: 'L', coreValue: 4 },
      } as never,
      { capacityLitres: undefined },
    )
    expect(unknown.figures).toEqual({})
  })
  it('a mix under 40 % is told as thin, in per cent', () => {
    const notes = (litres: number) =>
      of(litres, { flushPasses: 1, premixFraction: 0.5 }).notes.filter(
        ({ id }) => id === 'refill.thin',
      )
    expect(notes(8)).toEqual([])
    expect(notes(7.8)).toEqual([{ id: 'refill.thin', parameters: { percent: 39 } }])
    expect(of(4, { flushPasses: 1 }).notes.map(({ id }) => id)).not.toContain('refill.thin')
  })
  it('air that is not shown out shows nothing', () => {
    expect(of(4, {}).facts).toEqual([])
    expect(of(4, {}).states).toEqual(['air-not-shown-out'])
  })
})

describe('a complaint that is gone after the refill', () => {
  const signs = (complaintAfter: string, epoch: number) =>
    outcome(
      refillCheck,
      'refill.fill',
      { method: 'vacuum', airOut: 'shown', complaintAfter } as never,
      { epochOf: () => epoch },
    ).signs.map(({ sign }) => sign)
  it('speaks for air, unless something was mended before it; that it stays speaks against air always', () => {
    expect([signs('gone', 0), signs('gone', 1)]).toEqual([['cured-by-refill'], []])
    expect(signs('still-there', 1)).toEqual(['cured-by-refill'])
  })
})

describe('the proof that the air is out', () => {
  const METHODS = ['gravity-with-bleeders', 'run-and-top-up', 'vacuum'] as const
  const GOOD = {
    bleedersClear: 'yes',
    vacuumHeld: 'yes',
    heaterHot: 'yes',
    levelSettled: 'at-mark',
  }
  const BAD = { bleedersClear: 'no', vacuumHeld: 'no', heaterHot: 'no', levelSettled: 'fell' }
  const filled = (method: (typeof METHODS)[number], more: object) =>
    outcome(refillCheck, 'refill.fill', {
      method,
      airOut: 'not-shown',
      complaintAfter: 'still-there',
      ...more,
    } as never)

  it('is the method’s own: both of its parts, and none of another method’s', () => {
    for (const method of METHODS) {
      const [first, second] = PROOFS_OF[method]
      const both = { [first!]: GOOD[first!], [second!]: GOOD[second!] }
      expect(filled(method, both).facts).toContain('bled')
      expect(filled(method, { [first!]: GOOD[first!] }).facts).toEqual([])
      const others = Object.fromEntries(
        Object.entries(GOOD).filter(([part]) => part !== first && part !== second),
      )
      expect(filled(method, others).facts).toEqual([])
    }
  })
  it('goes before the word: one part that fails, and the air is not out', () => {
    for (const method of METHODS)
      for (const part of PROOFS_OF[method]) {
        const failed = filled(method, { airOut: 'shown', [part]: BAD[part] })
        expect(failed.states).toEqual(['air-not-shown-out'])
        expect(failed.facts).toEqual([])
        expect(failed.signs).toEqual([])
        expect(failed.notes.map(({ id }) => id)).toEqual(['refill.proof.failed'])
      }
  })
  it('counts for more than the word, and is asked for where only the word is given', () => {
    const word = filled('run-and-top-up', { airOut: 'shown' })
    const proven = filled('run-and-top-up', { heaterHot: 'yes', levelSettled: 'at-mark' })
    expect(proven.signs[0]!.validity).toBeGreaterThan(word.signs[0]!.validity!)
    expect(word.notes.map(({ id }) => id)).toEqual(['refill.proof.run-and-top-up'])
    expect(proven.notes).toEqual([])
  })
})

describe('how it was filled', () => {
  it('counts: what a vacuum fill leaves is least, what running and topping up leaves is most', () => {
    const validity = (method: string) =>
      outcome(refillCheck, 'refill.fill', {
        method,
        airOut: 'shown',
        complaintAfter: 'still-there',
      } as never).signs[0]!.validity
    expect(validity('vacuum')).toBeGreaterThan(validity('gravity-with-bleeders'))
    expect(validity('gravity-with-bleeders')).toBeGreaterThan(validity('run-and-top-up'))
  })
})
