import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ask, Refusal, refusalOf, Unreachable } from './api'

let requests: { path: string; init: RequestInit }[]
const answers = (answer: () => Response | Promise<Response>) =>
  vi.stubGlobal('fetch', (path: string, init: RequestInit) => {
    requests.push({ path, init })
    return Promise.resolve(answer())
  })
const answered = (body: string, { status = 200, type = 'application/json' } = {}) =>
  new Response(body, { status, headers: { 'content-type': type } })
const thrownBy = (work: Promise<unknown>): Promise<unknown> =>
  work.then(
    () => undefined,
    (e: unknown) => e,
  )

beforeEach(() => {
  requests = []
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

describe('asking the server', () => {
  it('gives what it answers', async () => {
    answers(() => answered('{"more":true}'))
    expect(await ask('GET', '/api/cases')).toEqual({ more: true })
    expect(requests[0]!.init).toMatchObject({ method: 'GET', credentials: 'same-origin' })
    expect(requests[0]!.init.body).toBeUndefined()
  })
  it('sends what is said as JSON, and what is JSON already as it is', async () => {
    answers(() => answered('{}'))
    await ask('PUT', '/x', { a: 1 })
    await ask('POST', '/x', '{"b":2}')
    expect(requests.map(({ init }) => init.body)).toEqual(['{"a":1}', '{"b":2}'])
    for (const { init } of requests)
      expect(init.headers).toEqual({ 'content-type': 'application/json' })
  })
  it('gives a text that is none of JSON as it is', async () => {
    answers(() => answered('metrics 1', { type: 'text/plain' }))
    expect(await ask('GET', '/x')).toBe('metrics 1')
  })
})

describe('a refusal', () => {
  it('has its status, its code, and what is said of it in any language', async () => {
    const message = { id: 'refusal.notFound', parameters: {} }
    answers(() =>
      answered(JSON.stringify({ error: { code: 'not-found', sentence: 'No.', message } }), {
        status: 404,
      }),
    )
    const error = await thrownBy(ask('GET', '/x'))
    expect(error).toBeInstanceOf(Refusal)
    expect(error).toMatchObject({
      status: 404,
      code: 'not-found',
      sentence: 'No.',
      problem: message,
    })
  })
  it('without words has some', () => {
    const refusal = refusalOf(500, undefined)
    expect([refusal.status, refusal.code]).toEqual([500, 'unexpected'])
    expect(refusal.sentence).toMatch(/^[A-Z].*\.$/)
  })
})

describe('no answer', () => {
  it.each<[string, () => Response | Promise<Response>, string]>([
    [
      'nobody is there',
      () => Promise.reject(new TypeError('network')),
      'common.offline.unreachable',
    ],
    [
      'it breaks off',
      () =>
        new Response(new ReadableStream({ start: (stream) => stream.error(new Error('cut')) }), {
          headers: { 'content-type': 'application/json' },
        }),
      'common.offline.brokeOff',
    ],
    ['it is half of one', () => answered('{"more":tr'), 'common.offline.unexpected'],
    [
      'a stranger answers: the page of a gateway',
      () => answered('<html>502</html>', { status: 502, type: 'text/html' }),
      'common.offline.unexpected',
    ],
  ])('is told as such where %s', async (_, answer, id) => {
    answers(answer)
    const error = await thrownBy(ask('GET', '/x'))
    expect(error).toBeInstanceOf(Unreachable)
    expect((error as Unreachable).problem.id).toBe(id)
  })
  it('is not waited for longer than is said', async () => {
    vi.stubGlobal(
      'fetch',
      (_: string, { signal }: RequestInit) =>
        new Promise((__, fail) =>
          signal!.addEventListener('abort', () => fail(signal!.reason as Error)),
        ),
    )
    const began = performance.now()
    expect(await thrownBy(ask('GET', '/x', undefined, 40))).toBeInstanceOf(Unreachable)
    expect(performance.now() - began).toBeLessThan(6_000)
  })
})
