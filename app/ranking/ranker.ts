import type {
  CaseInput,
  DecidedTogether,
  Firmness,
  PlannedCase,
  PolicyName,
  TestOrReplace,
} from '#core'
import type { Answer, Chances } from '../workers/answer'
import type { RankAnswer, RankRequest } from '../workers/rank.worker'

/** What is done with a ranking as it comes. */
export interface Asking {
  first: (chances: Chances) => void
  done: (answer: Answer) => void
  failed: () => void
}

/** What is done with an answer of any kind. */
interface Heard {
  hear: (answer: RankAnswer) => void
  failed: () => void
}

let worker: Worker | undefined
let ticket = 0
const asked = new Map<number, Heard>()

/** Starts the worker that ranks cases, unless it runs; it warms itself, and serves every page until the tab is closed. */
export function startRanker(): Worker {
  worker ??= start()
  return worker
}

function ask(request: Omit<RankRequest, 'ticket'>, heard: Heard): () => void {
  const own = ++ticket
  asked.set(own, heard)
  startRanker().postMessage({ ticket: own, ...request } satisfies RankRequest)
  return () => asked.delete(own)
}

/** Asks for the ranking of a case; gives back what is to be called when nobody waits for it any more. */
export function askRanker(input: CaseInput, { first, done, failed }: Asking): () => void {
  const hear = (answer: RankAnswer) => {
    if ('chances' in answer) first(answer.chances)
    if ('answer' in answer) done(answer.answer)
  }
  return ask({ input }, { hear, failed })
}

/** Asks for one thing of a case as it stands now and takes it out of the answer; fails when the worker stops. */
const askFor = <T>(
  input: CaseInput,
  wants: NonNullable<RankRequest['wants']>,
  takeFrom: (answer: RankAnswer) => T | undefined,
): Promise<T> =>
  new Promise((done, fail) => {
    const hear = (answer: RankAnswer) => {
      const taken = takeFrom(answer)
      if (taken !== undefined) done(taken)
    }
    const request = { input: { ...input, at: new Date().toISOString() }, wants }
    ask(request, { hear, failed: () => fail(new Error('the worker stopped')) })
  })

/** Plans a case by every school, and what was set by hand with the rest as this school would do it. */
export const askPlans = (input: CaseInput, school: PolicyName): Promise<PlannedCase> =>
  askFor(input, { plansOf: school }, (answer) => ('planned' in answer ? answer.planned : undefined))

/** Whether likely faults are tested or their parts changed. */
export const askDecisions = (input: CaseInput): Promise<TestOrReplace[]> =>
  askFor(input, 'decisions', (answer) => ('decisions' in answer ? answer.decisions : undefined))

/** How firmly the lead stands. */
export const askFirmness = (input: CaseInput): Promise<Firmness> =>
  askFor(input, 'firmness', (answer) => ('firmness' in answer ? answer.firmness : undefined))

/** What is believed of several faults that are mended in one go. */
export const askTogether = (
  input: CaseInput,
  faults: readonly string[],
): Promise<DecidedTogether> =>
  askFor(input, { together: faults }, (answer) =>
    'together' in answer ? answer.together : undefined,
  )

function start(): Worker {
  const made = new Worker(new URL('../workers/rank.worker.ts', import.meta.url), { type: 'module' })
  made.addEventListener('message', ({ data }: MessageEvent<RankAnswer>) => {
    const heard = asked.get(data.ticket)
    // Before it is told: whoever hears it may ask for the next at once.
    if (!('chances' in data)) asked.delete(data.ticket)
    heard?.hear(data)
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
