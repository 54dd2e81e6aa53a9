import {
  defineEventHandler,
  getRequestHeader,
  setResponseHeader,
  setResponseStatus,
  type H3Event,
} from 'h3'
import type { z } from 'zod'
import { InputError } from '#core'
import { sentence } from '../../words/catalogue'
import { ApiError, refuse } from './api-error'

const SMALL_BODY_BYTES = 256 * 1024

/**
 * A route: runs the handler and answers every error in the one shape `{ error: { code, sentence, path? } }`.
 * Writing requests from another site are refused here, before anything else is looked at.
 */
export function defineApi<T>(handler: (event: H3Event) => Promise<T> | T) {
  return defineEventHandler(async (event) => {
    setResponseHeader(event, 'cache-control', 'no-store')
    try {
      const site = getRequestHeader(event, 'sec-fetch-site')
      if (event.method !== 'GET' && site !== undefined && site !== 'same-origin' && site !== 'none')
        throw refuse.notYours('This request came from another site and was not carried out.')
      return await handler(event)
    } catch (error) {
      const known =
        error instanceof ApiError
          ? error
          : error instanceof InputError
            ? new ApiError(422, 'bad-input', sentence(error.problem), error.path)
            : unexpected(error)
      setResponseStatus(event, known.status)
      return {
        error: {
          code: known.code,
          sentence: known.sentence,
          ...(known.path ? { path: known.path } : {}),
        },
      }
    }
  })
}

function unexpected(error: unknown): ApiError {
  const code =
    (error as { code?: string; cause?: { code?: string } })?.cause?.code ??
    (error as { code?: string })?.code
  if (typeof code === 'string' && /^(ECONN|CONNECT|CONNECTION|57P0|08|53)/.test(code))
    return new ApiError(
      503,
      'no-database',
      'The database does not answer just now. What you recorded is kept and will be sent.',
    )
  console.error(error)
  return new ApiError(
    500,
    'unexpected',
    'Something went wrong here, not with your entry. It is kept; try again.',
  )
}

/** The request's body as text, at most `limit` bytes; larger ones are refused without being kept in memory. */
export async function readText(event: H3Event, limit: number, tooLarge: string): Promise<string> {
  const request = event.node.req
  const chunks: Buffer[] = []
  let size = 0
  for await (const chunk of request as AsyncIterable<Buffer>) {
    size += chunk.length
    if (size <= limit) chunks.push(chunk)
    else chunks.length = 0
    if (size > limit + 100 * 1024 * 1024) request.destroy()
  }
  if (size > limit) throw new ApiError(413, 'too-large', tooLarge)
  return Buffer.concat(chunks).toString('utf8')
}

/** The request's JSON body, checked against a schema; the first field that is wrong is named. */
export async function readChecked<S extends z.ZodType>(
  event: H3Event,
  schema: S,
  limit = SMALL_BODY_BYTES,
  tooLarge = 'This entry is too large to be kept.',
): Promise<z.infer<S>> {
  if (!/^application\/json\b/i.test(getRequestHeader(event, 'content-type') ?? ''))
    throw new ApiError(415, 'not-json', 'This address takes JSON only.')
  const text = await readText(event, limit, tooLarge)
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    throw refuse.bad('This entry arrived damaged: it is not JSON.')
  }
  const parsed = schema.safeParse(raw)
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!
    const path = issue.path.join('.')
    throw refuse.bad(`The field ${path || 'entry'} is not as it should be: ${issue.message}.`, path)
  }
  return parsed.data
}
