import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { shallowRef, watch, type Ref, type ShallowRef } from 'vue'

/** So long after somebody last pointed into a list it stays as it is, ms: a ranking has come by then, and a second tap. */
export const HELD_MS = 1500

/**
 * A list that does not move under the finger: while somebody points into `within`, or moves the focus there, what changes
 * is shown only once nobody did for a moment. `release` shows it at once.
 */
export function useSteady<T>(
  list: () => readonly T[],
  within: Readonly<Ref<EventTarget | null | undefined>>,
): { shown: Readonly<ShallowRef<readonly T[]>>; release: () => void } {
  const shown = shallowRef(list())
  const release = () => void (shown.value = list())
  const { start, isPending } = useTimeoutFn(release, HELD_MS, { immediate: false })
  useEventListener(within, ['pointerdown', 'pointermove', 'focusin'], () => start())
  watch(list, () => isPending.value || release())
  return { shown, release }
}
