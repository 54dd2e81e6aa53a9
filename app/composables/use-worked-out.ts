/**
 * What the worker makes of a question: asked again whenever the question changes, and what comes for one that does not
 * stand any more is dropped. Without a question there is no answer; the answer before stands while a new one is worked
 * out.
 */
export function useWorkedOut<Question extends object, Answer>(
  question: () => Question | undefined,
  ask: (question: Question) => Promise<Answer>,
) {
  const answer = shallowRef<Answer>()
  const isFailed = ref(false)
  watch(
    question,
    async (asked, _, onCleanup) => {
      let stands = true
      onCleanup(() => (stands = false))
      isFailed.value = false
      if (!asked) return void (answer.value = undefined)
      const come = await ask(asked).catch(() => undefined)
      if (!stands) return
      answer.value = come
      isFailed.value = come === undefined
    },
    { immediate: true },
  )
  return { answer, isFailed }
}
