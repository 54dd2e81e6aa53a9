/**
 * What the worker, or the server, makes of a question: asked again whenever the question changes, and what comes for one that does not
 * stand any more is dropped. Without a question there is no answer; the answer before stands while a new one is worked
 * out.
 */
export function useWorkedOut<Question extends object, Answer>(
  question: () => Question | undefined,
  ask: (question: Question) => Promise<Answer>,
) {
  const answer = shallowRef<Answer>()
  /** why there is none */
  const failure = shallowRef<unknown>()
  watch(
    question,
    async (asked, _, onCleanup) => {
      let stands = true
      onCleanup(() => (stands = false))
      failure.value = undefined
      if (!asked) return void (answer.value = undefined)
      try {
        const come = await ask(asked)
        if (stands) answer.value = come
      } catch (error) {
        if (!stands) return
        answer.value = undefined
        failure.value = error
      }
    },
    { immediate: true },
  )
  return { answer, failure }
}
