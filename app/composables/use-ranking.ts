import type { CaseInput } from '#core'
import type { Answer } from '../workers/answer'
import type { RankAnswer, RankRequest } from '../workers/rank.worker'

/** What a ranking depends on: the same key, the same answer. Receipts of the server change no key. */
const keyOf = (input: CaseInput) =>
  `${input.case.complaint} ${input.site.elevationMetres} ${JSON.stringify(input.vehicle.profile)} ${[...input.records, ...input.events].map((item) => item.id).join()}`

/** Ranks a case in a web worker whenever it changes: one request at a time, and of those that wait only the newest. */
export function useRanking(input: () => CaseInput | undefined) {
  const answer = shallowRef<Answer>()
  const failed = ref(false)
  /** the answer shown is not yet that of the newest record */
  const pending = ref(true)
  let ticket = 0
  let asked = ''
  let busy = false
  let waiting: CaseInput | undefined
  let worker: Worker | undefined
  function ask(value: CaseInput) {
    busy = true
    worker ??= start()
    worker.postMessage({
      ticket: ++ticket,
      input: { ...value, at: new Date().toISOString() },
    } satisfies RankRequest)
  }
  function askNext() {
    busy = false
    const next = waiting
    waiting = undefined
    if (next) ask(next)
    else pending.value = false
  }
  function start() {
    const made = new Worker(new URL('../workers/rank.worker.ts', import.meta.url), {
      type: 'module',
    })
    made.addEventListener('message', (event: MessageEvent<RankAnswer>) => {
      failed.value = false
      answer.value = event.data
      askNext()
    })
    // A worker that stopped is put away; what came in meanwhile, or comes next, is asked of a new one.
    made.addEventListener('error', () => {
      failed.value = true
      made.terminate()
      worker = undefined
      askNext()
    })
    return made
  }
  watch(
    input,
    (value) => {
      if (!value) return
      const key = keyOf(value)
      if (key === asked) return
      asked = key
      pending.value = true
      if (busy) waiting = value
      else ask(value)
    },
    { immediate: true },
  )
  onScopeDispose(() => worker?.terminate())
  return { answer, failed, pending }
}
