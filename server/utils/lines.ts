import { PassThrough, type Readable } from 'node:stream'
import { getRequestHeader, setResponseHeader, type H3Event } from 'h3'
import { refuse } from './api-error'
import { answerTo } from './define-api'

/** One JSON value a line: how far work has come, and last what came of it. */
const LINES = 'application/x-ndjson'

export const wantsLines = (event: H3Event): boolean => getRequestHeader(event, 'accept') === LINES

/**
 * Answers with lines of JSON: each value that `work` tells as `{"progress":…}`, and at the end `{"result":…}` or, the
 * status having gone out long before, `{"error":…,"status":…}`.
 */
export function answerInLines(
  event: H3Event,
  work: (tell: (progress: object) => void) => Promise<unknown>,
): Readable {
  const lines = new PassThrough()
  const write = (value: object) => void lines.write(`${JSON.stringify(value)}\n`)
  setResponseHeader(event, 'content-type', `${LINES}; charset=utf-8`)
  work((progress) => write({ progress }))
    .then(
      (result) => write({ result }),
      (error: unknown) => {
        const { status, body } = answerTo(error, event)
        write({ error: body, status })
      },
    )
    .finally(() => lines.end())
  return lines
}

/** Aborted, with a refusal as the reason, when whoever asked has gone away. */
export function whileSomebodyListens(event: H3Event): AbortSignal {
  const gone = new AbortController()
  event.node.res.once('close', () => gone.abort(refuse.goneAway()))
  return gone.signal
}
