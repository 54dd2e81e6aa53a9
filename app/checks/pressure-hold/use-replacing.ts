import type { Ref } from 'vue'

/**
 * What stands in a field is the reading before, until a new one is typed: the next digit, by pad or by keyboard, takes its
 * place.
 */
export function useReplacing(field: Readonly<Ref<HTMLInputElement | null>>) {
  const typing = ref(false)
  async function offerToReplace() {
    typing.value = false
    await nextTick()
    if (document.activeElement === field.value) field.value?.select()
  }
  return { typing, offerToReplace }
}
