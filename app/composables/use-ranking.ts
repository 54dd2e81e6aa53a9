import type { CaseInput } from '../../core/casefile/assess'
import type { RankAnswer, RankRequest } from '../workers/rank.worker'

/** Ranks a case in a web worker whenever it changes; the newest answer wins. */
export function useRanking(input: () => CaseInput | undefined) {
  const answer = shallowRef<RankAnswer>()
  const failed = ref(false)
  const worker = new Worker(new URL('../workers/rank.worker.ts', import.meta.url), { type: 'module' })
  let ticket = 0
  worker.addEventListener('message', (event: MessageEvent<RankAnswer>) => {
    if (event.data.ticket === ticket) answer.value = event.data
    failed.value = false
  })
  worker.addEventListener('error', () => (failed.value = true))
  watch(
    input,
    (value) => {
      if (value) worker.postMessage({ ticket: ++ticket, input: value } satisfies RankRequest)
    },
    { immediate: true },
  )
  onScopeDispose(() => worker.terminate())
  return { answer, failed }
}
