import { describe, expect, it } from 'vitest'
import { DEFAULT_POLICY, POLICY_RANGES, shopPolicy } from './policy'
import { isDefaultPolicy, shopSettings } from './shop-ways'

const settings = (policy: object = {}, because?: string) => ({
  name: 'Hochwart Pass Depot',
  elevationMetres: 1300,
  ways: { school: 'press-first', policy: { ...DEFAULT_POLICY, ...policy }, because },
})
const problems = (value: object) =>
  shopSettings.safeParse(value).error?.issues.map(({ path, message }) => [path.at(-1), message])

describe('how a shop works', () => {
  it('as the book has it needs no reason; otherwise it does', () => {
    expect(problems(settings())).toBeUndefined()
    expect(problems(settings({ stopLimitC: 108 }))).toEqual([
      ['because', 'say why the shop decides otherwise'],
    ])
    expect(problems(settings({ stopLimitC: 108 }, '  '))).toHaveLength(1)
    expect(problems(settings({ stopLimitC: 108 }, 'Aluminium heads on the pass'))).toBeUndefined()
  })
  it('tells every field in which it differs', () => {
    expect(isDefaultPolicy(DEFAULT_POLICY)).toBe(true)
    for (const other of [
      { clutchTurnsAfterSwitchOff: 2 },
      { clutchColdNormal: 'free' as const },
      { stopLimitC: 110 },
      { holdPlan: 'strict' as const },
    ])
      expect(isDefaultPolicy({ ...DEFAULT_POLICY, ...other })).toBe(false)
  })
  it('that was set before a limit of a hold could be is as the book has that', () => {
    const { holdPlan: _, ...before } = DEFAULT_POLICY
    expect(shopPolicy.safeParse(before).success).toBe(true)
    expect(isDefaultPolicy(before)).toBe(true)
  })
  it('no shop can let an engine cook, or stop it before it is warm', () => {
    const { min, max } = POLICY_RANGES.stopLimitC
    for (const [limit, isTaken] of [
      [min, true],
      [max, true],
      [min - 1, false],
      [max + 1, false],
    ] as const)
      expect(shopPolicy.safeParse({ ...DEFAULT_POLICY, stopLimitC: limit }).success).toBe(isTaken)
  })
  it('has a name, and stands on this earth', () => {
    expect(problems({ ...settings(), name: '' })).toHaveLength(1)
    expect(problems({ ...settings(), elevationMetres: 9000 })).toHaveLength(1)
  })
})
