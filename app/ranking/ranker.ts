import type { CaseInput } from '#core'
import type { Answer, Chances } from '../workers/answer'
import type { RankAnswer, RankRequest } from '../workers/rank.worker'

/** What is done with an answer as it comes. */
export interface Asking {
  first: (chances: Chances) => void
  done: (answer: Answer) => void
  failed: () => void
}

let worker: Worker | undefined
let ticket = 0
const asked = new Map<number, Asking>()

/** Starts the worker that ranks cases, unless it runs; it warms itself, and serves every page until the tab is closed. */
export function startRanker(): Worker {
  worker ??= start()
  return worker
}

/** Asks for the ranking of a case; gives back what is to be called when nobody waits for it any more. */
export function askRanker(input: CaseInput, asking: Asking): () => void {
  const own = ++ticket
  asked.set(own, asking)
  startRanker().postMessage({ ticket: own, input } satisfies RankRequest)
  return () => asked.delete(own)
}

function start(): Worker {
  const made = new Worker(new URL('../workers/rank.worker.ts', import.meta.url), { type: 'module' })
  made.addEventListener('message', ({ data }: MessageEvent<RankAnswer>) => {
    const asking = asked.get(data.ticket)
    if ('chances' in data) {
      asking?.first(data.chances)
      return
    }
    asked.delete(data.ticket)
    asking?.done(data.answer)
  })
  // A worker that stopped is put away; whoever waited for it may ask a new one.
  made.addEventListener('error', () => {
    made.terminate()
    worker = undefined
    const waiting = [...asked.values()]
    asked.clear()
    waiting.forEach(({ failed }) => failed())
  })
  return made
}
