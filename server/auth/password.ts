import { randomInt } from 'node:crypto'
import { Hash } from '@adonisjs/hash'
import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import { dictionary } from '@zxcvbn-ts/language-common'
import { type Message, message } from '#core'

/** scrypt with N = 2^15, r = 8, p = 1: about a tenth of a second and 32 MB a try. */
const hash = new Hash(
  new Scrypt({ cost: 32768, blockSize: 8, parallelization: 1, maxMemory: 64 * 1024 * 1024 }),
)

export const hashPassword = (password: string): Promise<string> => hash.make(password)
export const verifyPassword = (stored: string, password: string): Promise<boolean> =>
  hash.verify(stored, password)

export const PASSWORD_SIGNS = { least: 10, most: 200 } as const

/** Signs that a password must have beside its person's names. */
const LEAST_BESIDE_NAME = 8

/** The commonest, in small letters, and each with what people put behind a word to make it longer. */
const COMMON: ReadonlySet<string> = new Set(dictionary['passwords-common'] as string[])
const withoutTail = (password: string) => password.replace(/[\d!?.*#_-]+$/, '')
/** One sign, or a run of a few, over and over. */
const isRepeated = (password: string) => /^(.{1,4})\1+.{0,3}$/u.test(password)

/**
 * What is wrong with a password that somebody chooses: too short, too long, among the commonest, or made of what others
 * know of the person. `known` is the sign-in name and the name. Nothing where it is good.
 */
export function passwordProblem(password: string, known: readonly string[]): Message | undefined {
  const signs = [...password].length
  const { least, most } = PASSWORD_SIGNS
  if (signs < least || signs > most) return message('refusal.passwordSigns', { least, most })
  const small = password.toLowerCase()
  if (COMMON.has(small) || COMMON.has(withoutTail(small)) || isRepeated(small))
    return message('refusal.passwordCommon')
  const parts = known
    .flatMap((name) => name.toLowerCase().split(/\s+/))
    .filter((part) => part.length > 2)
  const rest = parts.reduce((left, part) => left.replaceAll(part, ''), small)
  const isOfName = rest !== small && [...rest].length < LEAST_BESIDE_NAME
  return isOfName ? message('refusal.passwordName') : undefined
}

const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789'

/** A password to be told once and changed at the first sign-in: 15 signs that are not taken for one another. */
export function firstPassword(): string {
  const signs = Array.from({ length: 15 }, () => LETTERS[randomInt(LETTERS.length)]!)
  return [0, 5, 10].map((from) => signs.slice(from, from + 5).join('')).join('-')
}
