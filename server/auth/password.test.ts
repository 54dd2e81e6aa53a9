import { describe, expect, it } from 'vitest'
import { firstPassword, hashPassword, passwordProblem, verifyPassword } from './password'

const ilka = ['ilka', 'Ilka Brandt']
const idOf = (password: string) => passwordProblem(password, ilka)?.id

describe('a password that somebody chooses', () => {
  it.each([
    ['saddle-ridge-1300', undefined],
    ['korrekt pferd batterie', undefined],
    ['grüne brücke', undefined],
    ['nine-sign', 'refusal.passwordSigns'],
    ['x'.repeat(201), 'refusal.passwordSigns'],
    ['🔧🔩🔧🔩🔧🔩🔧🔩🔧', 'refusal.passwordSigns'],
    ['password12', 'refusal.passwordCommon'],
    ['Password2026!', 'refusal.passwordCommon'],
    ['1234567890', 'refusal.passwordCommon'],
    ['qwertyuiop', 'refusal.passwordCommon'],
    ['aaaaaaaaaaaa', 'refusal.passwordCommon'],
    ['abcabcabcabc', 'refusal.passwordCommon'],
    ['ilka-brandt-1', 'refusal.passwordName'],
    ['brandt-0815-x', 'refusal.passwordName'],
    ['IlkaIlka2026', 'refusal.passwordName'],
    ['with brandt, but much more beside', undefined],
  ])('%s: %s', (password, expected) => expect(idOf(password)).toBe(expected))

  it('says how long it is to be', () => {
    expect(passwordProblem('short', ilka)?.parameters).toEqual({ least: 10, most: 200 })
  })
})

describe('a first password', () => {
  it('is good, never twice the same, and has no signs that are taken for one another', () => {
    const many = Array.from({ length: 200 }, firstPassword)
    expect(new Set(many).size).toBe(200)
    for (const one of many) {
      expect(one).toMatch(/^[a-z2-9]{5}-[a-z2-9]{5}-[a-z2-9]{5}$/)
      expect(one).not.toMatch(/[ilo01]/)
      expect(passwordProblem(one, ilka)).toBeUndefined()
    }
  })
  it('opens what it was hashed for, and nothing else does', async () => {
    const password = firstPassword()
    const hash = await hashPassword(password)
    expect(hash).not.toContain(password)
    expect(await verifyPassword(hash, password)).toBe(true)
    expect(await verifyPassword(hash, `${password} `)).toBe(false)
  })
})
