import {
  defineEventHandler,
  getRequestHeader,
  getRequestHost,
  setResponseHeader,
  setResponseStatus,
  type H3Event,
} from 'h3'
import type { z } from 'zod'
import { InputError, type Message, message } from '#core'
import { sentence } from '../../words/catalogue'
import { ApiError, refuse } from './api-error'
import { countRequest } from './busy'
import { checked } from './checked'
import { log, toldOf } from './log'
import { addressOf, isBehindProxy } from './proxy'

const SMALL_BODY_BYTES = 256 * 1024
/** What entries may be, bytes: many in one request, or one by itself. What is taken among others is taken alone. */
export const ENTRIES_BYTES = 4 * 1024 * 1024

/**
 * A route: runs the handler and answers every error in the one shape `{ error: { code, sentence, message, path? } }`.
 * Writing requests from another site are refused here, before anything else is looked at.
 */
export function defineApi<T>(handler: (event: H3Event) => Promise<T> | T) {
  return defineEventHandler(async (event) => {
    setResponseHeader(event, 'cache-control', 'no-store')
    try {
      if (event.method !== 'GET' && isFromAnotherSite(event))
        throw refuse.notYours('fromAnotherSite')
      await countRequest('address', addressOf(event))
      return await handler(event)
    } catch (error) {
      const { status, retryAfterSeconds, body } = answerTo(error, event)
      setResponseStatus(event, status)
      if (retryAfterSeconds) setResponseHeader(event, 'retry-after', retryAfterSeconds)
      return { error: body }
    }
  })
}

/** An answer that is not a success. */
const answerOf = ({ status, retryAfterSeconds, code, problem, path }: ApiError) => ({
  status,
  retryAfterSeconds,
  body: { code, sentence: sentence(problem), message: problem, ...(path ? { path } : {}) },
})

/** What is answered to any error; one that nobody has foreseen is logged. */
export const answerTo = (error: unknown, event: H3Event) =>
  saidOf(error) ?? answerOf(unexpected(error, event.context.requestId as string | undefined))

/** What is answered to an error that is a refusal, or a value that nothing can hold; nothing for any other. */
export function saidOf(error: unknown): ReturnType<typeof answerOf> | undefined {
  if (error instanceof ApiError) return answerOf(error)
  if (error instanceof InputError)
    return answerOf(new ApiError(422, 'bad-input', error.problem, error.path))
  const at = underlying(error)
  // Class 22: a value that no column can hold. The sender's next try would fare no better.
  return codeOf(at).startsWith('22') ? answerOf(refuse.bad('notStorable', at.column)) : undefined
}

const hostOf = (origin: string) => (URL.canParse(origin) ? new URL(origin).host : undefined)

/** A browser says where a request comes from; an older one says it by the origin only. */
function isFromAnotherSite(event: H3Event): boolean {
  const site = getRequestHeader(event, 'sec-fetch-site')
  if (site !== undefined) return site !== 'same-origin' && site !== 'none'
  const origin = getRequestHeader(event, 'origin')
  return (
    origin !== undefined &&
    hostOf(origin) !== getRequestHost(event, { xForwardedHost: isBehindProxy() })
  )
}

/** What the database, or the way to it, says of an error; the query builder wraps it. */
interface DatabaseError {
  code?: unknown
  column?: string
  message?: string
}

/**
 * The database is not there, or too busy to answer in time: connection errors, class 08; shutting down, class 57;
 * no resources, class 53; a lock not given, class 55; transactions in each other's way, class 40; and what the driver
 * says without a code.
 */
const AWAY = /^(ECONN|EPIPE|ENOTFOUND|ETIMEDOUT|08|40|53|55|57)/
const AWAY_IN_WORDS = /connection terminated|timeout exceeded|read timeout|not queryable/i

/** An exception that is none of the database's may have a number in its place. */
const codeOf = ({ code }: DatabaseError) => (typeof code === 'string' ? code : '')

const underlying = (error: unknown) =>
  ((error as { cause?: DatabaseError })?.cause ?? error ?? {}) as DatabaseError

/** Whether it is the database that does not answer, whoever asks. */
export function isDatabaseAway(error: unknown): boolean {
  const at = underlying(error)
  return AWAY.test(codeOf(at)) || AWAY_IN_WORDS.test(at.message ?? '')
}

/** What is said of an error that no route has foreseen. */
function unexpected(error: unknown, requestId: string | undefined): ApiError {
  if (isDatabaseAway(error)) return refuse.noDatabase('noDatabaseButKept')
  log.error({ requestId, ...toldOf(error) })
  return refuse.unexpected()
}

/** The request's body as text, as `readBytes` reads it. */
export const readText = async (event: H3Event, limit: number, tooLarge: Message): Promise<string> =>
  (await readBytes(event, limit, tooLarge)).toString('utf8')

/** The request's body, at most `limit` bytes; larger ones are refused without being kept in memory. */
export async function readBytes(event: H3Event, limit: number, tooLarge: Message): Promise<Buffer> {
  const request = event.node.req
  const chunks: Buffer[] = []
  let size = 0
  for await (const chunk of request as AsyncIterable<Buffer>) {
    size += chunk.length
    if (size <= limit) chunks.push(chunk)
    else chunks.length = 0
    if (size > limit + 100 * 1024 * 1024) request.destroy()
  }
  if (size > limit) throw refuse.tooLarge(tooLarge)
  return Buffer.concat(chunks)
}

/** The request's JSON body. */
export async function readJson(
  event: H3Event,
  limit = SMALL_BODY_BYTES,
  tooLarge = message('refusal.entryTooLarge'),
): Promise<unknown> {
  if (!/^application\/json\b/i.test(getRequestHeader(event, 'content-type') ?? ''))
    throw refuse.notJson()
  const text = await readText(event, limit, tooLarge)
  try {
    return JSON.parse(text)
  } catch {
    throw refuse.bad('damaged')
  }
}

/** The request's JSON body, checked against a schema; the first field that is wrong is named. */
export const readChecked = async <S extends z.ZodType>(
  event: H3Event,
  schema: S,
  limit?: number,
  tooLarge?: Message,
): Promise<z.infer<S>> => checked(schema, await readJson(event, limit, tooLarge))
