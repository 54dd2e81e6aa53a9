import type { Ref } from 'vue'

/** Drawn in one go: so few that the page is let on in between. */
const AT_ONCE = 6
/** Between one lot and the next, ms: about a frame. */
const PAUSE_MS = 16

/**
 * How many of a list to draw: a few at first, a few more each frame, up to `wanted` or the list's `length`; from the
 * beginning again when the `list` is another.
 */
export function useByAndBy(wanted: Ref<number>, length: () => number, list: Ref<unknown>) {
  const allowed = ref(AT_ONCE)
  let timer: ReturnType<typeof setTimeout> | undefined
  function goOn() {
    timer = undefined
    allowed.value += AT_ONCE
  }
  watch(list, () => (allowed.value = AT_ONCE), { flush: 'sync' })
  watchEffect(() => {
    if (allowed.value < Math.min(wanted.value, length())) timer ??= setTimeout(goOn, PAUSE_MS)
  })
  onScopeDispose(() => clearTimeout(timer))
  return computed(() => Math.min(allowed.value, wanted.value))
}
