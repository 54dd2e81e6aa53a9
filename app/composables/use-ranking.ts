import type { CaseInput } from '#core'
import { askRanker } from '../ranking/ranker'
import type { Answer, Chances } from '../workers/answer'

/** What a ranking depends on: the same key, the same answer. Receipts of the server change no key. */
const keyOf = ({ case: { complaint }, site, vehicle, policy, experience, ...said }: CaseInput) =>
  JSON.stringify([
    complaint,
    site.elevationMetres,
    vehicle.profile,
    policy,
    experience,
    [...said.records, ...said.events].map(({ id }) => id).join(),
  ])

/** Ranks a case in a web worker whenever it changes: one request at a time, and of those that wait only the newest. */
export function useRanking(input: () => CaseInput | undefined) {
  const answer = shallowRef<Answer>()
  /** how likely each fault is now, known before the reasons */
  const chances = shallowRef<Chances>()
  const failed = ref(false)
  /** the answer shown is not yet that of the newest record */
  const pending = ref(true)
  let asked = ''
  let waiting: CaseInput | undefined
  let leave: (() => void) | undefined

  function ask(value: CaseInput) {
    leave = askRanker(
      { ...value, at: new Date().toISOString() },
      {
        first: (value) => (chances.value = value),
        done(value) {
          failed.value = false
          answer.value = value
          askNext()
        },
        failed() {
          failed.value = true
          askNext()
        },
      },
    )
  }
  function askNext() {
    leave = undefined
    const next = waiting
    waiting = undefined
    if (next) ask(next)
    else pending.value = false
  }
  watch(
    input,
    (value) => {
      if (!value) return
      const key = keyOf(value)
      if (key === asked) return
      asked = key
      pending.value = true
      if (leave) waiting = value
      else ask(value)
    },
    { immediate: true },
  )
  onScopeDispose(() => leave?.())
  return { answer, chances, failed, pending }
}
