import { message } from '#core'
import { Refusal, refusalOf, type Said, Unreachable } from './api'

/** Somebody at the other end who says nothing for so long says nothing more; ms. */
const SILENCE_LIMIT_MS = 30_000

interface Asked<Progress> {
  /** a case's file as text, or a zip of it */
  body: string | Blob
  /** hears how far the work has come */
  tell: (progress: Progress) => void
  /** ends it */
  signal: AbortSignal
}

interface Line<Result, Progress> {
  progress?: Progress
  result?: Result
  error?: Said
  status?: number
}

/**
 * Asks the server for work that takes long and tells how far it has come. Refusal when it says no, Unreachable when
 * nobody answers or the answer breaks off; the signal's own error when it is ended from here.
 */
export async function askInLines<Result, Progress>(
  path: string,
  { body, tell, signal }: Asked<Progress>,
): Promise<Result> {
  const silence = silent(SILENCE_LIMIT_MS)
  const type = typeof body === 'string' ? 'application/json' : 'application/zip'
  const headers = { 'content-type': type, accept: 'application/x-ndjson' }
  try {
    const answer = await fetch(path, {
      method: 'POST',
      credentials: 'same-origin',
      headers,
      body,
      signal: AbortSignal.any([signal, silence.signal]),
    })
    if (!answer.ok) throw await refused(answer)
    for await (const line of linesOf(answer.body!)) {
      silence.heard()
      const said = JSON.parse(line) as Line<Result, Progress>
      if (said.error) throw refusalOf(said.status ?? 500, said.error)
      if (said.progress) tell(said.progress)
      if (said.result) return said.result
    }
  } catch (error) {
    if (error instanceof Refusal) throw error
    signal.throwIfAborted()
    throw new Unreachable(message('common.offline.unreachable'))
  } finally {
    silence.end()
  }
  throw new Unreachable(message('common.offline.brokeOff'))
}

async function refused(answer: Response): Promise<Refusal> {
  const said = (await answer.json().catch(() => ({}))) as { error?: Said }
  return refusalOf(answer.status, said.error)
}

/** A signal that is given when nothing was heard for `limitMs`. */
function silent(limitMs: number) {
  const given = new AbortController()
  const begin = () => setTimeout(() => given.abort(), limitMs)
  let timer = begin()
  const end = () => clearTimeout(timer)
  const heard = () => {
    end()
    timer = begin()
  }
  return { signal: given.signal, heard, end }
}

async function* linesOf(body: ReadableStream<Uint8Array<ArrayBuffer>>): AsyncGenerator<string> {
  const reader = body.pipeThrough(new TextDecoderStream()).getReader()
  let left = ''
  for (let piece = await reader.read(); !piece.done; piece = await reader.read()) {
    const lines = `${left}${piece.value}`.split('\n')
    left = lines.pop() ?? ''
    yield* lines
  }
  if (left) yield left
}
