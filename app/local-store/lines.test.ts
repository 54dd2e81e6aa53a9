import { afterEach, describe, expect, it, vi } from 'vitest'
import { Refusal, Unreachable } from './api'
import { askInLines } from './lines'

afterEach(() => vi.unstubAllGlobals())

/** A server that answers with these pieces, as they come over the wire. */
function server(pieces: readonly (string | Error)[], status = 200) {
  const fetched = vi.fn((_: string, { signal }: RequestInit) => {
    const encoder = new TextEncoder()
    const body = new ReadableStream<Uint8Array>({
      start(control) {
        signal!.addEventListener('abort', () => control.error(signal!.reason))
      },
      pull(control) {
        const piece = pieces[next++]
        if (piece instanceof Error) control.error(piece)
        else if (piece !== undefined) control.enqueue(encoder.encode(piece))
        else if (!staysOpen) control.close()
      },
    })
    let next = 0
    return Promise.resolve(new Response(body, { status }))
  })
  let staysOpen = false
  vi.stubGlobal('fetch', fetched)
  return { fetched, stayOpen: () => (staysOpen = true) }
}

function ask(signal = new AbortController().signal) {
  const told: unknown[] = []
  const answer = askInLines('/api/x', { body: '{}', tell: (one) => told.push(one), signal })
  return { told, answer }
}

describe('work that is told of in lines', () => {
  it('gives what came of it, and tells how far it came, however the lines are cut', async () => {
    server(['{"progress":{"done":1}}\n{"prog', 'ress":{"done":2}}\n', '{"result":{"a":7}}'])
    const { told, answer } = ask()
    expect(await answer).toEqual({ a: 7 })
    expect(told).toEqual([{ done: 1 }, { done: 2 }])
  })
  it('is refused in a line as by a status', async () => {
    const error = { code: 'conflict', sentence: 'Not so.' }
    server([`{"error":${JSON.stringify(error)},"status":409}\n`])
    await expect(ask().answer).rejects.toMatchObject({ status: 409, sentence: 'Not so.' })
    server([JSON.stringify({ error })], 422)
    const refused = await ask().answer.catch((e: unknown) => e)
    expect(refused).toBeInstanceOf(Refusal)
    expect(refused).toMatchObject({ status: 422, code: 'conflict' })
  })
  it('that breaks off, or ends without a result, is not done', async () => {
    server(['{"progress":{"done":1}}\n', new Error('cut')])
    await expect(ask().answer).rejects.toBeInstanceOf(Unreachable)
    server(['{"progress":{"done":1}}\n'])
    await expect(ask().answer).rejects.toBeInstanceOf(Unreachable)
    server(['{"result":'])
    await expect(ask().answer).rejects.toBeInstanceOf(Unreachable)
  })
  it('that is stopped from here says so', async () => {
    server(['{"progress":{"done":1}}\n']).stayOpen()
    const stopping = new AbortController()
    const { told, answer } = ask(stopping.signal)
    await vi.waitFor(() => expect(told.length).toBe(1))
    stopping.abort()
    await expect(answer).rejects.toMatchObject({ name: 'AbortError' })
  })
  it('of which nothing is heard any more is given up', async () => {
    vi.useFakeTimers()
    server([]).stayOpen()
    const outcome = ask().answer.catch((e: unknown) => e)
    await vi.advanceTimersByTimeAsync(31_000)
    expect(await outcome).toBeInstanceOf(Unreachable)
    vi.useRealTimers()
  })
})
