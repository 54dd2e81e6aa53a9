import { useEventListener, useMutationObserver, useResizeObserver } from '@vueuse/core'
import type { Ref } from 'vue'

/** Whether a scrolled column has more below its edge, and the way there. */
export function useMoreBelow(column: Ref<HTMLElement | null>) {
  const more = ref(false)
  function look() {
    const box = column.value
    if (box) more.value = box.scrollHeight - box.scrollTop - box.clientHeight > 24
  }
  useEventListener(column, 'scroll', look, { passive: true })
  useResizeObserver(column, look)
  useMutationObserver(column, () => requestAnimationFrame(look), {
    childList: true,
    subtree: true,
    characterData: true,
  })
  const goDown = () =>
    column.value?.scrollBy({ top: column.value.clientHeight * 0.8, behavior: 'smooth' })
  return { more, goDown }
}
