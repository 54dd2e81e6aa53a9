import { describe, expect, it } from 'vitest'
import { CONTEXT, outcome, records, speaksFor } from '../check.fixture'
import { interviewCheck } from './check'
import { troubleCode } from './record'
import { familyOf, saysMoreThanACode } from './trouble-codes'

const code = (of: string, status: 'set' | 'stored' = 'set') =>
  outcome(interviewCheck, 'interview.code', { code: of, status })

describe('trouble codes', () => {
  it.each([
    ['P0115', 'coolant-sensor'],
    ['P0119', 'coolant-sensor'],
    ['P0120', 'elsewhere'],
    ['P0128', 'too-cold'],
    ['P0217', 'too-hot'],
    ['P0304', 'misfire'],
    ['P0480', 'fan'],
    ['P0485', 'fan'],
    ['P0693', 'fan'],
    ['P0598', 'map-thermostat'],
    ['P2181', 'cooling'],
    ['P2560', 'coolant-level'],
    ['P2601', 'coolant-pump'],
    ['P2682', 'coolant-valve'],
    ['P1128', 'makers-own'],
    ['P3045', 'makers-own'],
    ['P3400', 'elsewhere'],
    ['C0035', 'elsewhere'],
  ])('%s is of: %s', (of, family) => {
    expect(familyOf(of)).toBe(family)
    expect(code(of).states).toEqual([family])
  })
  it('a code names a circuit: it speaks for it, and the note says what comes before a new part', () => {
    const fan = code('P0480')
    expect(speaksFor(fan.signs, 'fan-code')).toBeGreaterThan(1)
    expect(fan.notes.map(({ id }) => id)).toEqual(['note.code.fan'])
    expect(speaksFor(code('P0128').signs, 'never-warms')).toBeGreaterThan(1)
  })
  it('one that is set says more than one that was stored some day', () => {
    const [set, stored] = [code('P0117'), code('P0117', 'stored')]
    expect(speaksFor(set.signs, 'sensor-code')).toBeGreaterThan(
      speaksFor(stored.signs, 'sensor-code') + 0.2,
    )
  })
  it('a maker’s own, and one of another system, move nothing and say so', () => {
    for (const [of, note] of [
      ['P1234', 'note.code.makers-own'],
      ['C0035', 'note.code.elsewhere'],
    ] as const) {
      expect(code(of).signs).toEqual([])
      expect(code(of).notes.map(({ id }) => id)).toEqual([note])
    }
  })
  it('"a code is set" adds nothing to the code itself', () => {
    const answer: ['interview.answer', object] = [
      'interview.answer',
      { question: 'cooling-code', answer: 'yes' },
    ]
    const signsOf = (of: string) =>
      interviewCheck
        .assess(records(answer, ['interview.code', { code: of, status: 'set' }]), CONTEXT)
        .flatMap(({ signs }) => signs.map(({ sign }) => sign))
    expect(signsOf('P0480')).toEqual(['fan-code'])
    expect(signsOf('C0035')).toEqual(['cooling-code'])
    expect(saysMoreThanACode('P0301')).toBe(false)
  })
  it('two codes of one kind share their doubt', () => {
    const { signs } = code('P0480')
    expect(signs[0]!.conditions).toBe(code('P0485').signs[0]!.conditions)
  })
  it('is taken as it is typed, in small letters too, and is a code or nothing', () => {
    expect(troubleCode.parse({ code: ' p0128 ', status: 'set' }).code).toBe('P0128')
    for (const wrong of ['0128', 'P012', 'X0128', 'P9128'])
      expect(troubleCode.safeParse({ code: wrong, status: 'set' }).success, wrong).toBe(false)
  })
})
