import { type Message, message } from '#core'
import { sentence } from '../../words/catalogue'

/** An answer that is not a success: what is to be said of it, in any language, and the server's own words. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly sentence: string,
    readonly problem: Message | undefined,
  ) {
    super(sentence)
  }
}

/** What the server says of a refusal. */
export interface Said {
  code: string
  sentence: string
  message?: Message
}

export const refusalOf = (status: number, said: Said | undefined): Refusal =>
  new Refusal(
    status,
    said?.code ?? 'unexpected',
    said?.sentence ?? sentence(message('common.offline.notTaken')),
    said?.message,
  )

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor(readonly problem: Message) {
    super(sentence(problem))
  }
}

/** Asks the server; Refusal when it says no, Unreachable when nobody answers within `timeoutMs`. */
export async function ask<T>(
  method: string,
  path: string,
  body?: unknown,
  timeoutMs = 8000,
): Promise<T> {
  let answer: Response
  try {
    const init: RequestInit = {
      method,
      signal: AbortSignal.timeout(timeoutMs),
      credentials: 'same-origin',
    }
    if (body !== undefined)
      Object.assign(init, {
        headers: { 'content-type': 'application/json' },
        body: typeof body === 'string' ? body : JSON.stringify(body),
      })
    answer = await fetch(path, init)
  } catch {
    throw new Unreachable(message('common.offline.unreachable'))
  }
  // An answer that breaks off is no answer: what was sent is sent again, and nothing is read out of half of it.
  const text = await answer.text().catch(() => {
    throw new Unreachable(message('common.offline.brokeOff'))
  })
  let json: { error?: Said } & Record<string, unknown>
  try {
    json = JSON.parse(text) as typeof json
  } catch {
    if (answer.ok && !/\bjson\b/.test(answer.headers.get('content-type') ?? '')) return text as T
    throw new Unreachable(message('common.offline.unexpected'))
  }
  if (answer.ok) return json as T
  throw refusalOf(answer.status, json.error)
}
