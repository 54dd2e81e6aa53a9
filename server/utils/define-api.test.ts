import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { InputError, message } from '#core'
import { ApiError, refuse } from './api-error'
import { checked } from './checked'
import { saidOf } from './define-api'

describe('what is answered to an error', () => {
  it('that is a refusal is what it says', () => {
    expect(saidOf(refuse.notFound())).toMatchObject({ status: 404, body: { code: 'not-found' } })
    expect(saidOf(refuse.tooManyTries(7))).toMatchObject({ status: 429, retryAfterSeconds: 7 })
  })
  it('in a file is its sentence and the path of the field', () => {
    const error = new InputError(
      'records.3.by',
      message('file.unknownPerson', { path: 'records.3.by' }),
    )
    const said = saidOf(error)!
    expect([said.status, said.body.path]).toEqual([422, 'records.3.by'])
    expect(said.body.sentence).toMatch(/records\.3\.by/)
  })
  it.each(['22021', '22003', '22007'])(
    'of the database’s class 22 (%s) is a refusal: the next try would fare no better',
    (code) => {
      const wrapped = new Error('Failed query', { cause: { code, column: 'note' } })
      for (const error of [wrapped, { code, column: 'note' }])
        expect(saidOf(error)).toMatchObject({ status: 422, body: { path: 'note' } })
    },
  )
  it.each([
    ['a broken connection', { code: 'ECONNRESET' }],
    ['a key that is taken', { code: '23505' }],
    ['a mistake of ours', new TypeError('x is undefined')],
    ['nothing', undefined],
    ['words', 'thrown'],
  ])('that is %s is none of the sender’s: nothing is said here', (_, error) => {
    expect(saidOf(error)).toBeUndefined()
  })
  it('never shows more than a code, a sentence, its id and a path', () => {
    const { body } = saidOf(refuse.bad('field', 'a.b', { field: 'a.b', problem: 'wrong' }))!
    expect(Object.keys(body).sort()).toEqual(['code', 'message', 'path', 'sentence'])
  })
})

describe('checking what was sent', () => {
  const schema = z.strictObject({
    name: z.string().max(3),
    of: z.strictObject({ age: z.number() }),
  })
  const problemOf = (raw: unknown) => {
    try {
      return checked(schema, raw)
    } catch (error) {
      return error
    }
  }
  it('gives what fits', () => {
    const good = { name: 'abc', of: { age: 3 } }
    expect(problemOf(good)).toEqual(good)
  })
  it.each<[string, unknown, string | undefined]>([
    ['a field that is too long', { name: 'abcd', of: { age: 3 } }, 'name'],
    ['one deep inside', { name: 'abc', of: { age: 'three' } }, 'of.age'],
    ['one that is missing', { name: 'abc' }, 'of'],
    ['nothing at all', null, ''],
    ['one too many', { name: 'abc', of: { age: 3 }, more: 1 }, ''],
  ])('names %s', (_, raw, path) => {
    const error = problemOf(raw)
    expect(error).toBeInstanceOf(ApiError)
    expect(error).toMatchObject({ status: 422, code: 'bad-input', path })
  })
})
